import { Type, type Static } from "@sinclair/typebox";
import { InstantText, Uuid } from "../../basics/ids";
import { troubleEntries, type TroubleEntry } from "../../faults/entry";
import { Key, oneOf } from "../../yacht/parts/basics";

const closed = { additionalProperties: false } as const;
const common = {
  v: Type.Literal(1),
  /** made on the device: the same entry sent twice is one */
  id: Uuid,
  /** of which yacht it is, by her short name */
  yacht: Key,
  at: InstantText,
};
const text = (most: number) => Type.String({ minLength: 1, maxLength: most, pattern: "\\S" });
const lon = Type.Number({ minimum: -180, maximum: 180 });
const lat = Type.Number({ minimum: -90, maximum: 90 });

/** What is looked at each morning: engine cold in this order, then running. */
export const looks = [
  "strainer",
  "seacock",
  "oil",
  "coolant",
  "belt",
  "bilge",
  "leaks",
  "exhaust-water",
  "charging",
] as const;
export type LookName = (typeof looks)[number];

/** The morning round: what was looked at, what was read, and how long it took. */
const Round = Type.Object(
  {
    ...common,
    kind: Type.Literal("round"),
    seconds: Type.Integer({ minimum: 0, maximum: 86_400 }),
    looks: Type.Array(
      Type.Object({ look: oneOf(looks), isFine: Type.Boolean(), words: Type.String({ maxLength: 300 }) }, closed),
      { maxItems: looks.length },
    ),
    readings: Type.Array(
      Type.Object(
        {
          reading: Key,
          values: Type.Record(
            Type.String({ maxLength: 40 }),
            Type.Union([Type.Number(), Type.String({ maxLength: 200 }), Type.Boolean()]),
          ),
        },
        closed,
      ),
      { maxItems: 60 },
    ),
  },
  closed,
);

/** Where they lie tonight, and by when they say something again. */
const Tonight = Type.Object(
  {
    ...common,
    kind: Type.Literal("tonight"),
    where: text(120),
    until: InstantText,
    lon: Type.Optional(lon),
    lat: Type.Optional(lat),
  },
  closed,
);

/** What a crew writes down for itself: it is told to the base only where it chooses to. */
const Position = Type.Object(
  { ...common, kind: Type.Literal("position"), lon, lat, words: Type.String({ maxLength: 300 }) },
  closed,
);
const Note = Type.Object({ ...common, kind: Type.Literal("note"), words: text(500) }, closed);
const Fuelled = Type.Object(
  { ...common, kind: Type.Literal("fuelled"), litres: Type.Number({ exclusiveMinimum: 0, maximum: 5000 }) },
  closed,
);

/** An entry of the log of a boat under way. */
export const LogEntry = Type.Union([Round, Tonight, Position, Note, Fuelled, ...troubleEntries(common)]);
export type LogEntry = Static<typeof LogEntry>;
/** What is written down of the day aboard, and not of something wrong. */
export type DayEntry = Exclude<LogEntry, { kind: TroubleEntry["kind"] }>;
export type Round = Static<typeof Round>;
export type Tonight = Static<typeof Tonight>;

/** Whether an entry is of something wrong that somebody looked into. */
export const isOfTrouble = (entry: LogEntry): entry is Exclude<LogEntry, DayEntry> => entry.kind.startsWith("trouble");

/** What goes to the base by itself: her state, where they are tonight, and what is wrong. All else is the crew's own. */
export const isForBase = (entry: LogEntry): boolean =>
  entry.kind === "round" || entry.kind === "tonight" || isOfTrouble(entry);
