import { digestOf } from "../basics/digest";
import { makeBriefingPart } from "../briefing/make-part";
import type { StudyAnswer } from "../briefing/study/answer";
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
  /** last readings by line id, oldest first: the number the rule looks at, and when */
  history: Readonly<Record<string, readonly { value: number; at: string }[]>>;
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
    given: givenFor(input, `reading:${key}`, reading.kind, reading.of ?? ""),
  }));
}

function givenFor(input: ListInput, lineId: string, kind: string, of: string): Record<string, unknown> {
  const { file } = input.yacht;
  const past = (input.history[lineId] ?? []).slice(-5);
  const history = past.length > 0 ? { history: past.map((reading) => reading.value) } : {};
  if (kind === "battery-rest") {
    const battery = file.batteries[of];
    if (!battery) return {};
    const { chemistry, duty, nominalV, limits } = battery;
    return { chemistry, duty, nominalV, ...history, ...(limits ? { limits } : {}) };
  }
  if (kind === "engine-hours") {
    const engine = file.engines[of] ?? file.generators[of];
    const last = past.at(-1);
    const sinceLastHours = last ? Math.max(0, (Date.parse(input.openedAt) - Date.parse(last.at)) / 3_600_000) : null;
    return {
      lastServiceHours: engine?.lastServiceHours ?? 0,
      serviceEveryHours: engine?.serviceEveryHours ?? 1,
      ...history,
      ...(sinceLastHours === null ? {} : { sinceLastHours: Math.round(sinceLastHours * 10) / 10 }),
    };
  }
  if (kind === "fuel" || kind === "water") {
    const tank = file.tanks[of];
    if (!tank) return {};
    return kind === "fuel" ? { capacityL: tank.capacityL, gaugeStepL: tank.gaugeStepL } : { capacityL: tank.capacityL };
  }
  if (kind === "dated-item" || kind === "extinguisher") return { charterFrom: input.stay.fromDay, charterTo: input.stay.toDay };
  return history;
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
