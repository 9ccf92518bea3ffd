import { digestOf } from "../basics/digest";
import { makeBriefingPart } from "../briefing/make-part";
import type { StudyAnswer } from "../briefing/study/answer";
import { readingRules } from "../readings";
import type { EarlierReading } from "../readings/rule";
import { filledWords } from "../yacht/figures";
import type { YachtFile } from "../yacht/schema";
import type { HandoverKind, HandoverList, Line, ListPlace, MarkLine } from "./list";
import type { Mark } from "./mark";

/** A mark that is on the yacht already, with where it was seen first. */
export interface StandingMark {
  id: string;
  mark: Mark;
  photos: string[];
  since: string | null;
}

export interface ListInput {
  kind: HandoverKind;
  handover: string;
  yacht: { id: string; revision: number; file: YachtFile };
  stay: { id: string; from: string; to: string; fromDay: string; toDay: string; aboard: number };
  currency: string;
  /** at check-out: the seal and the found counts of the check-in, by line id */
  checkIn: { seal: string; counts: Readonly<Record<string, number>> } | null;
  standingMarks: readonly StandingMark[];
  /** earlier readings by line id, oldest first */
  history: Readonly<Record<string, readonly EarlierReading[]>>;
  openedAt: string;
  /** what the skipper said in the study; at check-in */
  study: readonly StudyAnswer[];
}

/**
 * Makes the list of a handover from the pinned yacht file, the stay and what is known of the yacht.
 * Lines stand in the order of the places, and in each place: marks, looks, tests, readings, counts.
 */
export function makeList(input: ListInput): HandoverList {
  const { file } = input.yacht;
  const places = Object.entries(file.places)
    .map(([id, place]): ListPlace & { order: number } => ({ id, name: place.name, level: place.level, side: place.side, reach: filledWords(file, place.reach), order: place.order }))
    .sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
  const lines: Line[] = [...markLines(input), ...lookLines(file), ...testLines(file), ...readingLines(input), ...countLines(input)];
  const placeIndex = new Map(places.map((place, index) => [place.id, index]));
  lines.sort((a, b) => (placeIndex.get(a.place) ?? 0) - (placeIndex.get(b.place) ?? 0));
  return {
    version: 1,
    kind: input.kind,
    handover: input.handover,
    yacht: { id: input.yacht.id, name: file.particulars.name, class: file.particulars.class, revision: input.yacht.revision, fileHash: digestOf(file) },
    stay: input.stay,
    maximumAboard: file.particulars.maximumAboard,
    currency: input.currency,
    checkInSeal: input.checkIn?.seal ?? null,
    places: places.map(({ order: _order, ...place }) => place),
    lines,
    ...(input.kind === "check-in" ? { briefing: makeBriefingPart(file, input.study) } : {}),
  };
}

function markLines({ standingMarks }: ListInput): MarkLine[] {
  return standingMarks.map(({ id, mark, photos, since }) => ({
    id: `mark:${id}`,
    kind: "mark",
    place: mark.place,
    name: { en: mark.words === "" ? mark.kind : mark.words },
    system: "hull-and-deck",
    safety: false,
    group: "hull",
    mark,
    photos,
    since,
  }));
}

/** Parts of a collection in their own order: a stored document does not keep the order of its keys. */
function inOrder<T extends { order: number }>(parts: Record<string, T>): [string, T][] {
  return Object.entries(parts).sort(([a, one], [b, other]) => one.order - other.order || (a < b ? -1 : 1));
}

function lookLines(file: YachtFile): Line[] {
  return inOrder(file.looks).map(([key, look]) => ({
    id: `look:${key}`, kind: "look", place: look.place, name: look.name, system: look.system, safety: false, how: filledWords(file, look.how), surface: look.surface, group: look.group,
  }));
}

function testLines(file: YachtFile): Line[] {
  return inOrder(file.tests).map(([key, test]) => ({
    id: `test:${key}`,
    kind: "test",
    place: test.place,
    name: test.name,
    system: test.system,
    safety: test.safety ?? false,
    how: filledWords(file, test.how),
    caution: test.caution ? filledWords(file, test.caution) : null,
    when: test.when,
    waitHours: test.when === "may-wait" ? (test.waitHours ?? 24) : null,
  }));
}

function readingLines(input: ListInput): Line[] {
  const { file } = input.yacht;
  return inOrder(file.readings).map(([key, reading]) => ({
    id: `reading:${key}`,
    kind: "reading",
    place: reading.place,
    name: reading.name,
    system: reading.system,
    safety: reading.safety ?? false,
    how: filledWords(file, reading.how),
    reading: reading.kind,
    given: givenFor(input, key, reading),
  }));
}

/** What the rule needs besides the value read: from the file, the charter's days and the last readings. The file's own limits win over the base's. */
function givenFor(input: ListInput, key: string, { kind, of = "", limits }: YachtFile["readings"][string]): Record<string, unknown> {
  const rule = readingRules[kind];
  if (!rule) return {};
  const { file } = input.yacht;
  const hours = Object.keys(file.readings).find((each) => file.readings[each]?.kind === "engine-hours" && file.readings[each].of === of);
  const counted = input.history[`reading:${hours ?? ""}`] ?? [];
  const given = rule.given({
    file, of, fromDay: input.stay.fromDay, toDay: input.stay.toDay, openedAt: input.openedAt, earlier: input.history[`reading:${key}`] ?? [],
    hoursAt: (instant) => {
      const last = counted.filter(({ at }) => at <= instant).at(-1)?.value.hours;
      return typeof last === "number" ? last : null;
    },
  });
  return { ...given, ...(limits ? { limits: { from: "yacht file", ...limits } } : {}) };
}

function countLines(input: ListInput): Line[] {
  return inOrder(input.yacht.file.inventory).map(([key, item]) => ({
    id: `count:${key}`,
    kind: "count",
    place: item.place,
    name: item.name,
    system: item.system,
    safety: item.safety ?? false,
    where: filledWords(input.yacht.file, item.where),
    group: item.group,
    expected: input.checkIn?.counts[`count:${key}`] ?? item.expected,
    perPerson: item.perPerson ?? false,
    replacementMinor: item.replacementMinor,
    boughtOn: item.boughtOn,
    lifeMonths: item.lifeMonths,
  }));
}
