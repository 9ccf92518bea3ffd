import type { BaseRules } from "../base/rules";
import { digestOf } from "../basics/digest";
import { makeBriefingPart } from "../briefing/make-part";
import type { StudyAnswer } from "../briefing/study/answer";
import { readingRules } from "../readings";
import type { KnownDefect } from "../upkeep/known";
import { prepLines, prepPlaces } from "./prep/make-prep-list";
import type { EarlierReading } from "../readings/rule";
import { filledWords } from "../yacht/figures";
import type { Surface, YachtFile } from "../yacht/schema";
import type { HandoverKind, HandoverList, Line, ListPlace, MarkLine, ViewLine } from "./list";
import type { Mark } from "./mark";
import { firstLooks, wantsUnderwaterLook, type ChangedFacts } from "./first-looks";
import { matterOfReading, type Matter } from "./matters";

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
  /** at check-out: the seal of the check-in, its found counts, and where things lay that were found elsewhere, by line id */
  checkIn: { seal: string; counts: Readonly<Record<string, number>>; foundIn: Readonly<Record<string, string>> } | null;
  standingMarks: readonly StandingMark[];
  /** the picture of each view at the last handover, by its surface */
  viewPhotos: Readonly<Record<string, readonly string[]>>;
  /** earlier readings by line id, oldest first */
  history: Readonly<Record<string, readonly EarlierReading[]>>;
  openedAt: string;
  rules: BaseRules;
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
 * Lines stand in the order of the places, and in each place: marks, looks, tests, readings, counts.
 */
export function makeList(input: ListInput): HandoverList {
  const { file } = input.yacht;
  const isPrep = input.kind === "prep";
  const lines = isPrep ? prepLines(file, readingLines(input, true), countLines(input)) : handoverLines(input);
  return {
    version: 1,
    kind: input.kind,
    handover: input.handover,
    yacht: {
      id: input.yacht.id,
      name: file.particulars.name,
      class: file.particulars.class,
      revision: input.yacht.revision,
      fileHash: digestOf(file),
    },
    stay: input.stay,
    maximumAboard: file.particulars.maximumAboard,
    currency: input.currency,
    checkInSeal: input.checkIn?.seal ?? null,
    places: isPrep ? prepPlaces(lines) : placesInOrder(file),
    lines,
    openedAt: input.openedAt,
    rules: input.rules,
    crewKg: [...input.crewKg].sort((a, b) => a - b),
    known: [...input.known],
    ...(input.kind === "check-in" ? { briefing: makeBriefingPart(file, input.study) } : {}),
    ...(input.kind === "check-out" ? { first: firstLooks(lines, input.changed) } : {}),
  };
}

function placesInOrder(file: YachtFile): ListPlace[] {
  return inOrder(file.places).map(([id, place]) => ({
    id,
    name: place.name,
    level: place.level,
    side: place.side,
    reach: filledWords(file, place.reach),
  }));
}

function handoverLines(input: ListInput): Line[] {
  const { file } = input.yacht;
  const lines: Line[] = [
    ...markLines(input),
    ...viewLines(input),
    ...lookLines(file),
    ...underwaterLook(input),
    ...testLines(file),
    ...readingLines(input, false),
    ...charterPapers(input),
    ...countLines(input),
  ];
  const placeIndex = new Map(inOrder(file.places).map(([id], index) => [id, index]));
  return lines.sort((a, b) => (placeIndex.get(a.place) ?? 0) - (placeIndex.get(b.place) ?? 0));
}

const viewId = (surface: string) => `view:${surface}`;

/** The sides of this yacht from outside, each where one looks at something on it first. */
function viewPlaces(file: YachtFile): Map<Surface, string> {
  const places = new Map<Surface, string>();
  for (const [, look] of inOrder(file.looks))
    if (look.surface !== "below" && !places.has(look.surface)) places.set(look.surface, look.place);
  return places;
}

function viewLines({ yacht: { file }, viewPhotos }: ListInput): ViewLine[] {
  return [...viewPlaces(file)].map(([surface, place]) => ({
    id: viewId(surface),
    kind: "view",
    place,
    name: { en: surface.replace("-", " ") },
    system: "hull-and-deck",
    safety: false,
    surface,
    photos: [...(viewPhotos[surface] ?? [])],
  }));
}

function markLines({ standingMarks, rules, yacht: { file } }: ListInput): MarkLine[] {
  const views = viewPlaces(file);
  const viewOf = ({ sizeMm, surface }: Mark) =>
    sizeMm < rules.markSingleFromMm && views.has(surface) ? { view: viewId(surface) } : {};
  return standingMarks.map(({ id, mark, photos, since }) => ({
    id: `mark:${id}`,
    kind: "mark",
    place: mark.place,
    name: { en: mark.words === "" ? mark.kind : mark.words },
    system: "hull-and-deck",
    safety: false,
    ...viewOf(mark),
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
    id: `look:${key}`,
    kind: "look",
    place: look.place,
    name: look.name,
    system: look.system,
    safety: false,
    how: filledWords(file, look.how),
    surface: look.surface,
    group: look.group,
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
    ...(test.matter ? { matter: test.matter } : {}),
    when: test.when,
    waitHours: test.when === "may-wait" ? (test.waitHours ?? 24) : null,
  }));
}

function readingLines(input: ListInput, withPrep: boolean): Line[] {
  const { file } = input.yacht;
  return inOrder(file.readings)
    .filter(([, reading]) => withPrep || !reading.prepOnly)
    .map(([key, reading]) => ({
      id: `reading:${key}`,
      kind: "reading",
      place: reading.place,
      name: reading.name,
      system: reading.system,
      safety: reading.safety ?? false,
      how: filledWords(file, reading.how),
      reading: reading.kind,
      given: givenFor(input, key, reading),
      ...(reading.signal === undefined ? {} : { signal: reading.signal }),
      ...matterOf(reading),
    }));
}

function matterOf({ kind, matter = matterOfReading[kind] }: YachtFile["readings"][string]): { matter?: Matter } {
  return matter ? { matter } : {};
}

/** Limits that win over general practice: the yacht file's, else the base's. */
function limitsFor({ rules }: ListInput, kind: string, own: Record<string, number> | undefined): { limits?: object } {
  if (own) return { limits: { from: "yacht file", ...own } };
  const settled = rules.readingLimits[kind];
  return settled && Object.keys(settled).length > 0 ? { limits: { from: "base", ...settled } } : {};
}

/** What the rule needs besides the value read: from the file, the charter's days and the last readings. The file's own limits win over the base's. */
function givenFor(
  input: ListInput,
  key: string,
  { kind, of = "", limits }: YachtFile["readings"][string],
): Record<string, unknown> {
  const rule = readingRules[kind];
  if (!rule) return {};
  const { file } = input.yacht;
  const hours = Object.keys(file.readings).find(
    (each) => file.readings[each]?.kind === "engine-hours" && file.readings[each].of === of,
  );
  const counted = input.history[`reading:${hours ?? ""}`] ?? [];
  const given = rule.given({
    file,
    of,
    fromDay: input.stay.fromDay,
    toDay: input.stay.toDay,
    openedAt: input.openedAt,
    earlier: input.history[`reading:${key}`] ?? [],
    hoursAt: (instant) => {
      const last = counted.filter(({ at }) => at <= instant).at(-1)?.value.hours;
      return typeof last === "number" ? last : null;
    },
  });
  // a bank's own limits stand in the file beside the bank, and come with what the rule needs
  return { ...limitsFor(input, kind, limits), ...given };
}

/** What the charter's people show: certificate and identity. They are read where the ship's papers lie, or where one comes aboard. */
function charterPapers({ kind, stay, yacht: { file } }: ListInput): Line[] {
  if (kind !== "check-in") return [];
  const shown =
    Object.values(file.inventory).find((item) => item.matter === "papers")?.place ?? Object.keys(file.places)[0];
  if (shown === undefined) return [];
  const paper = (key: string, name: string, how: string, matter: Matter): Line => ({
    id: `reading:${key}`,
    kind: "reading",
    place: shown,
    name: { en: name },
    system: "safety",
    safety: true,
    matter,
    how: { en: how },
    reading: "document",
    given: { charterFrom: stay.fromDay, charterTo: stay.toDay },
  });
  return [
    paper(
      "charter-certificate",
      "Skipper's certificate",
      "The original, in the skipper's own name; which one is asked for, local rules say.",
      "certificate",
    ),
    paper(
      "charter-identity",
      "Skipper's identity",
      "Passport or identity card, the original. Seen is enough: no copy is kept.",
      "papers",
    ),
  ];
}

/** After a grounding and the like she is looked at below the water, where her file does not ask for that anyway. */
function underwaterLook({ changed, yacht: { file } }: ListInput): Line[] {
  const isAsked = Object.values(file.looks).some((look) => look.group === "underwater");
  const stern = Object.values(file.looks).find((look) => look.surface === "stern") ?? Object.values(file.looks)[0];
  if (isAsked || !stern || !wantsUnderwaterLook(changed.happened)) return [];
  return [
    {
      id: "look:below-the-water",
      kind: "look",
      place: stern.place,
      name: { en: "Below the water: keel, rudder, propeller" },
      system: "hull-and-deck",
      safety: true,
      surface: "stern",
      group: "underwater",
      how: {
        en: "By diver or camera, engine off and key out, after what was reported. The rudder turns freely, the keel joint is closed, the bilge dry.",
      },
    },
  ];
}

function countLines(input: ListInput): Line[] {
  return inOrder(input.yacht.file.inventory).map(([key, item]) => ({
    id: `count:${key}`,
    kind: "count",
    place: input.checkIn?.foundIn[`count:${key}`] ?? item.place,
    name: item.name,
    system: item.system,
    safety: item.safety ?? false,
    where: filledWords(input.yacht.file, item.where),
    group: item.group,
    expected: input.checkIn?.counts[`count:${key}`] ?? item.expected,
    perPerson: item.perPerson ?? false,
    ...(item.matter ? { matter: item.matter } : {}),
    ...(item.jacketKg ? { jacketKg: item.jacketKg } : {}),
    ...(item.consumed ? { consumed: true } : {}),
    replacementMinor: item.replacementMinor,
    boughtOn: item.boughtOn,
    lifeMonths: item.lifeMonths,
  }));
}
