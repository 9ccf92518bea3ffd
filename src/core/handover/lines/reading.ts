import { Type, type Static } from "@sinclair/typebox";
import { matterOfReading, type ClearanceTopic } from "../../basics/clearance-topics";
import { InstantText } from "../../basics/ids";
import type { Said } from "../../basics/said";
import { Words } from "../../basics/words";
import { judge, readingRules, type ReadingValue } from "../../readings";
import { readingValueSchema, type ReadField } from "../../readings/rule";
import { gaugeTaps } from "../../readings/tank-level";
import { entriesByOrder } from "../../yacht/by-order";
import { filledWords } from "../../yacht/figures";
import type { YachtFile } from "../../yacht/schema";
import { lineOf, valueOf } from "./common";
import { groupOfSystem } from "./group-of-system";
import type { LineInput } from "./line-input";
import type { Change, LineKind } from "./line-kind";

export const ReadingLine = lineOf("reading", {
  how: Words,
  reading: Type.String(),
  /** what the rule needs besides the value read: chemistry, capacity, last readings, the charter's days */
  given: Type.Record(Type.String(), Type.Unknown()),
  /** where the yacht's boat-data server has it */
  signal: Type.Optional(Type.String()),
  /** a gauge that shows no litres: its marks, and how much is in it at each */
  marks: Type.Optional(Type.Array(Type.Object({ value: Type.Number(), words: Words }))),
  /** how its switch stands, where one gauge shows several tanks */
  gaugeStands: Type.Optional(Words),
});
export type ReadingLine = Static<typeof ReadingLine>;

/** What the yacht's boat-data server said of a reading: it stays beside what a person wrote. */
export const FetchedValue = valueOf({
  values: Type.Record(Type.String({ maxLength: 40 }), Type.Number(), { maxProperties: 4 }),
  at: InstantText,
  from: Type.String({ minLength: 1, maxLength: 120, pattern: "\\S" }),
});
export type FetchedValue = Static<typeof FetchedValue>;

/** What a reading is by type. */
export interface Reading {
  name: "reading";
  aspect: "reading";
  line: ReadingLine;
  value: ReadingValue;
  reason: "reading-stop" | "reading-watch";
  difference: "reading-changed";
}

/** What the rule of a reading says of a value read off. */
export const judgeReading = (line: ReadingLine, value: ReadingValue) =>
  judge({ ...line.given, ...value, reading: line.reading });

const fromFile = (input: LineInput): ReadingLine[] => [...ofTheYacht(input), ...charterPapers(input)];

function ofTheYacht(input: LineInput): ReadingLine[] {
  const { file } = input.yacht;
  return entriesByOrder(file.readings)
    .filter(([, spec]) => input.kind === "prep" || !spec.prepOnly)
    .map(([key, spec]) => ({
      id: `reading:${key}`,
      kind: "reading",
      place: spec.place,
      name: spec.name,
      system: spec.system,
      safety: spec.safety ?? false,
      how: filledWords(file, spec.how),
      reading: spec.kind,
      ...givenAndGauge(input, key, spec),
      ...(spec.signal === undefined ? {} : { signal: spec.signal }),
      ...matterOf(spec),
    }));
}

/** What its rule needs, and how the gauge is read where it is one of a tank. */
function givenAndGauge(
  input: LineInput,
  key: string,
  spec: YachtFile["readings"][string],
): Pick<ReadingLine, "given" | "marks" | "gaugeStands"> {
  const { file } = input.yacht;
  const given = givenFor(input, key, spec);
  const tank = typeof given.capacityL === "number" ? file.tanks[spec.of ?? ""] : undefined;
  if (!tank) return { given };
  const marks = gaugeTaps(tank, Number(given.capacityL));
  const stands = spec.with === undefined ? tank.gaugeSwitch?.stands : undefined;
  return {
    given,
    ...(marks.length > 0 ? { marks } : {}),
    ...(stands === undefined ? {} : { gaugeStands: filledWords(file, stands) }),
  };
}

function matterOf({ kind, matter = matterOfReading[kind] }: YachtFile["readings"][string]): {
  matter?: ClearanceTopic;
} {
  return matter ? { matter } : {};
}

/** Limits that win over general practice; a yacht file's own over the base's. */
function limitsFor({ rules }: LineInput, kind: string, own: Record<string, number> | undefined): { limits?: object } {
  if (own) return { limits: { from: "yacht file", ...own } };
  const settled = rules.readingLimits[kind];
  return settled && Object.keys(settled).length > 0 ? { limits: { from: "base", ...settled } } : {};
}

/** What the rule needs besides the value read: from the file, the charter's days and the last readings. */
function givenFor(
  input: LineInput,
  key: string,
  { kind, of = "", with: others = [], limits }: YachtFile["readings"][string],
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
    with: others,
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
function charterPapers({ kind, stay, yacht: { file } }: LineInput): ReadingLine[] {
  if (kind !== "check-in") return [];
  const shown =
    Object.values(file.inventory).find((item) => item.matter === "papers")?.place ?? Object.keys(file.places)[0];
  if (shown === undefined) return [];
  const paper = (key: string, name: string, how: string, matter: ClearanceTopic): ReadingLine => ({
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

/** A value read off, said with its own fields: one message for each kind of reading, and what was topped up. */
function words({ reading: kind }: ReadingLine, value: ReadingValue): Said {
  const said = (readingRules[kind]?.fields ?? []).flatMap(({ name, type }): [string, string | number][] => {
    const read = value[name];
    const shown = read === undefined ? (type === "number" ? 0 : "") : typeof read === "boolean" ? String(read) : read;
    return [
      [name, shown],
      [`${name}Read`, read === undefined ? "no" : "yes"],
    ];
  });
  const sentence: Said = { key: `reading.${kind}`, values: Object.fromEntries(said) };
  const addedMl = Number(value.addedMl ?? 0);
  return addedMl > 0 ? { key: "reading.added", values: { addedMl }, parts: { sentence } } : sentence;
}

/** The fields of a reading; volts up to what the meter of such a bank can show. */
const boundedFields = (line: ReadingLine): readonly ReadField[] => {
  const { nominalV } = line.given;
  return (readingRules[line.reading]?.fields ?? []).map((field) =>
    field.type === "number" && field.name === "volts" && typeof nominalV === "number"
      ? { ...field, most: Math.min(field.most, Math.max(60, nominalV * 1.5)) }
      : field,
  );
};

/** The number of a reading that is reckoned with, or null where only a date or a needle is read. */
function numberOf(kind: string, value: ReadingValue): number | null {
  const field = readingRules[kind]?.number;
  const number = field ? value[field] : undefined;
  return typeof number === "number" ? number : null;
}

function compare(
  line: ReadingLine,
  was: ReadingValue | undefined,
  is: ReadingValue,
): Change<Reading["difference"]> | null {
  if (was === undefined) return null;
  const before = numberOf(line.reading, was);
  const after = numberOf(line.reading, is);
  if (before !== null && after !== null)
    return before === after ? null : { kind: "reading-changed", change: Math.round((after - before) * 1000) / 1000 };
  const same = Object.keys({ ...was, ...is }).every((field) => was[field] === is[field]);
  return same ? null : { kind: "reading-changed" };
}

/** A value read off an instrument, a glass or a paper, and judged by its rule (core/readings). */
export const reading: LineKind<Reading> = {
  name: "reading",
  schema: ReadingLine,
  aspect: "reading",
  valueSchema: (line) => {
    const rule = readingRules[line.reading];
    return rule ? readingValueSchema({ fields: boundedFields(line) }) : null;
  },
  besides: { fetched: FetchedValue },
  fromFile,
  seconds: 30,
  fields: (line) =>
    boundedFields(line)
      .filter((field) => !(field.type === "number" && field.unless !== undefined && line.given[field.unless] === true))
      .map((field) => (line.marks && field.name === "litres" ? { ...field, taps: line.marks } : field)),
  judge: judgeReading,
  verdict: (line, value) => judgeReading(line, value).verdict,
  words,
  compare,
  isDefect: (line, value) => {
    const { provisional, verdict } = judgeReading(line, value);
    if (provisional) return false;
    // a tank that is not full is filled, not mended
    return verdict === "stop" || (verdict === "watch" && readingRules[line.reading]?.usedUp !== true);
  },
  reasons: (line, value) => {
    const { verdict } = judgeReading(line, value);
    if (verdict === "fine") return [];
    return [verdict === "stop" ? { code: "reading-stop", blocks: true } : { code: "reading-watch", blocks: false }];
  },
  group: groupOfSystem,
  paper: (line) =>
    (readingRules[line.reading]?.fields ?? []).map(({ name }) => ({ say: { key: `field.${name}` }, blank: "after" })),
  sample: (line, hours) => {
    const rule = readingRules[line.reading];
    if (!rule) throw new RangeError(`no rule for the reading "${line.reading}"`);
    return rule.sample(line.given, hours);
  },
};
