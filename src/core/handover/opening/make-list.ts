import { digestOf } from "../../basics/digest";
import { withExtras } from "../../extras/aboard";
import type { HiredExtra } from "../../extras/extra";
import type { DueTask } from "../../tasks/due";
import { makeBriefingPart } from "../../briefing/study/make-part";
import type { StudyAnswer } from "../../briefing/study/answer";
import { entriesByOrder } from "../../yacht/by-order";
import { filledWords } from "../../yacht/figures";
import type { YachtFile } from "../../yacht/schema";
import type { KnownDefect } from "../known";
import { lineKinds, type Line } from "../lines";
import type { LineInput } from "../lines/line-input";
import type { HandoverList, ListPlace } from "../list";
import { prepLines, prepPlaces } from "../prep/make-prep-list";
import { firstLooks, type ChangedFacts } from "./first-looks";

/** What a list is made from: what its lines are made from, and what stands beside them. */
export interface ListInput extends LineInput {
  handover: string;
  yacht: { id: string; revision: number; file: YachtFile };
  stay: { id: string; from: string; to: string; fromDay: string; toDay: string; aboard: number };
  currency: string;
  /** at check-out: also the seal of the check-in */
  checkIn: (LineInput["checkIn"] & { seal: string }) | null;
  /** what the charter has hired; it is on the list as if it were hers */
  hired: readonly HiredExtra[];
  /** of a prep: what the base does on her before she goes out, and what is taken off her that is not hired any more */
  turnRound: { tasks: readonly DueTask[]; takeOff: readonly HiredExtra[] };
  /** weights of the people aboard, as far as the crew list tells them */
  crewKg: readonly number[];
  /** defects that are not mended */
  known: readonly KnownDefect[];
  /** at check-out: what the skipper told beforehand, and what most often costs something in this fleet */
  changed: ChangedFacts;
  /** what the skipper said in the study; at check-in */
  study: readonly StudyAnswer[];
}

/**
 * Makes the list of a handover from the pinned yacht file, the stay and what is known of the yacht.
 * Lines stand in the order of the places, and in each place in the order of their kinds.
 */
export function makeList(input: ListInput): HandoverList {
  const { hired } = input;
  const file = withExtras(input.yacht.file, hired);
  const made = { ...input, yacht: { ...input.yacht, file } };
  const isPrep = input.kind === "prep";
  const lines = isPrep
    ? prepLines(file, {
        readings: lineKinds.reading.fromFile(made),
        counts: lineKinds.count.fromFile(made),
        hired,
        ...input.turnRound,
      })
    : handoverLines(made);
  return {
    version: 1,
    kind: input.kind,
    handover: input.handover,
    yacht: {
      id: input.yacht.id,
      name: file.particulars.name,
      class: file.particulars.class,
      revision: input.yacht.revision,
      // of her own file: the extras stand beside it
      fileHash: digestOf(input.yacht.file),
    },
    stay: input.stay,
    maximumAboard: file.particulars.maximumAboard,
    ...(file.particulars.windLimitKn ? { ownWindKn: file.particulars.windLimitKn } : {}),
    currency: input.currency,
    checkInSeal: input.checkIn?.seal ?? null,
    places: isPrep ? prepPlaces(lines) : placesInOrder(file),
    lines,
    openedAt: input.openedAt,
    rules: input.rules,
    crewKg: [...input.crewKg].sort((a, b) => a - b),
    known: [...input.known],
    ...(hired.length > 0 ? { hired: [...hired] } : {}),
    ...(input.kind === "check-in"
      ? { briefing: makeBriefingPart(file, input.study, input.rules.drillSharePercent) }
      : {}),
    ...(input.kind === "check-out" ? { first: firstLooks(lines, input.changed) } : {}),
  };
}

function placesInOrder(file: YachtFile): ListPlace[] {
  return entriesByOrder(file.places).map(([id, place]) => ({
    id,
    name: place.name,
    level: place.level,
    side: place.side,
    reach: filledWords(file, place.reach),
  }));
}

function handoverLines(input: ListInput): Line[] {
  const placeIndex = new Map(entriesByOrder(input.yacht.file.places).map(([id], index) => [id, index]));
  return Object.values(lineKinds)
    .flatMap((kind): Line[] => kind.fromFile(input))
    .sort((a, b) => (placeIndex.get(a.place) ?? 0) - (placeIndex.get(b.place) ?? 0));
}
