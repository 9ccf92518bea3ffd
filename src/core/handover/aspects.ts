import { Type, type Static, type TSchema } from "@sinclair/typebox";
import {
  AnsweredValue,
  AskedValue,
  PutOffValue,
  StopValue,
  WalkOrderValue,
  WalkPauseValue,
} from "../briefing/walk-values";
import { readingRules } from "../readings";
import { readingValueSchema } from "../readings/rule";
import { Key } from "../yacht/schema";
import { InstantText, Sha256 } from "./entry";
import { Mark } from "./mark";

const closed = { additionalProperties: false } as const;
const text = (maxLength: number) => Type.String({ minLength: 1, maxLength, pattern: "\\S" });

/** How many there are; `together` when it was confirmed with its neighbours in one look, which only small household things may be. */
export const CountValue = Type.Object(
  { count: Type.Integer({ minimum: 0, maximum: 9999 }), together: Type.Optional(Type.Literal(true)) },
  closed,
);
/** Where a counted thing lies for this charter, if not where the list says; null puts it back. */
export const FoundInValue = Type.Object({ place: Type.Union([Key, Type.Null()]) }, closed);
export type FoundInValue = Static<typeof FoundInValue>;
const Fails = Type.Object({ result: Type.Literal("fails"), remark: text(500) }, closed);
const NotTried = Type.Object(
  {
    result: Type.Literal("not-tried"),
    reason: text(500),
    withinHours: Type.Union([Type.Integer({ minimum: 1, maximum: 168 }), Type.Null()]),
  },
  closed,
);
export const ResultValue = Type.Union([
  Type.Object({ result: Type.Literal("works") }, closed),
  Type.Object({ result: Type.Literal("works-but"), remark: text(500) }, closed),
  Fails,
  NotTried,
]);
/** For what is only shown: nobody can say that it works. */
export const ShownValue = Type.Union([Type.Object({ result: Type.Literal("shown") }, closed), Fails, NotTried]);
/** What the yacht's boat-data server said of a reading: it stays beside what a person wrote. */
export const FetchedValue = Type.Object(
  {
    values: Type.Record(Type.String({ maxLength: 40 }), Type.Number(), { maxProperties: 4 }),
    at: InstantText,
    from: text(120),
  },
  closed,
);
export type FetchedValue = Static<typeof FetchedValue>;
export const LookValue = Type.Object(
  { state: Type.Union([Type.Literal("sound"), Type.Literal("worn"), Type.Literal("damaged")]) },
  closed,
);
export const MarkStateValue = Type.Object(
  { state: Type.Union([Type.Literal("still-so"), Type.Literal("worse"), Type.Literal("mended")]) },
  closed,
);
/** Nothing new on a view, with the photo that shows it; null where it was looked at by eye alone. */
export const ViewValue = Type.Object(
  { nothingNew: Type.Literal(true), photo: Type.Union([Sha256, Type.Null()]) },
  closed,
);
export type ViewValue = Static<typeof ViewValue>;
export const RemarkValue = Type.Object({ words: Type.String({ maxLength: 1000 }) }, closed);
/** A photo by the hash of its bytes; `false` takes it off the line again (the picture itself is kept). */
export const PhotoValue = Type.Object(
  {
    attached: Type.Boolean(),
    takenAt: Type.Union([InstantText, Type.Null()]),
    from: Type.Union([Type.Literal("camera"), Type.Literal("file")]),
  },
  closed,
);
export const FoundValue = Type.Object(
  { place: Key, words: text(500), count: Type.Integer({ minimum: 1, maximum: 9999 }) },
  closed,
);
export const MarkValue = Type.Union([Mark, Type.Object({ withdrawn: Type.Literal(true), reason: text(300) }, closed)]);

/** A manager lets her go in spite of a reason, and says why; null takes it back. That it was a manager is looked up by the base. */
export const LetGoValue = Type.Object({ why: Type.Union([text(500), Type.Null()]) }, closed);
export type LetGoValue = Static<typeof LetGoValue>;

/** Somebody counts a place alone, or gives it back. */
export const TakenValue = Type.Object({ taken: Type.Boolean() }, closed);
export type TakenValue = Static<typeof TakenValue>;

/** The technician has done the round. */
export const PrepDoneValue = Type.Object({ done: Type.Literal(true) }, closed);

/** What a person reads off, by the kind of reading. Bounds are what an instrument can show at all; sense is judged by the rule. */
export const readingValues: Record<string, TSchema> = Object.fromEntries(
  Object.values(readingRules).map((rule) => [rule.name, readingValueSchema(rule)]),
);

export type CountValue = Static<typeof CountValue>;
export type ResultValue = Static<typeof ResultValue> | Static<typeof ShownValue>;
export type LookValue = Static<typeof LookValue>;
export type MarkStateValue = Static<typeof MarkStateValue>;
export type RemarkValue = Static<typeof RemarkValue>;
export type PhotoValue = Static<typeof PhotoValue>;
export type FoundValue = Static<typeof FoundValue>;
export type MarkValue = Static<typeof MarkValue>;
export type { ReadingValue } from "../readings";

/** The aspects that stand on their own; `remark:side` and `photo:hash` are on any subject. */
export const aspectOfKind = {
  count: "count",
  test: "result",
  reading: "reading",
  look: "look",
  mark: "mark-state",
  view: "view",
} as const;

const lineKinds = ["count", "test", "shown-test", "reading", "look", "mark-line", "view"];

/** Whether an aspect is a manager's letting-go: on a line, or on the handover under a reason's code. */
function isLetGo(subjectKind: string, aspect: string): boolean {
  return (
    (aspect === "let-go" && lineKinds.includes(subjectKind)) ||
    (subjectKind === "handover" && /^let-go:[a-z-]+$/.test(aspect))
  );
}

/** The schema a value must pass, or null when the aspect does not belong to the subject. */
export function valueSchema(
  subjectKind:
    | "handover"
    | "mark"
    | "found"
    | "stop"
    | "question"
    | "count"
    | "test"
    | "shown-test"
    | "reading"
    | "look"
    | "mark-line"
    | "view",
  aspect: string,
  reading = "",
): TSchema | null {
  if (/^remark:(base|skipper)$/.test(aspect)) return RemarkValue;
  if (subjectKind === "handover" && /^took:[a-z0-9-]+$/.test(aspect)) return TakenValue;
  if (isLetGo(subjectKind, aspect)) return LetGoValue;
  if (/^photo:[0-9a-f]{64}$/.test(aspect)) return PhotoValue;
  switch (`${subjectKind} ${aspect}`) {
    case "count count":
      return CountValue;
    case "count found-in":
      return FoundInValue;
    case "test result":
      return ResultValue;
    case "shown-test result":
      return ShownValue;
    case "reading reading":
      return readingValues[reading] ?? null;
    case "reading fetched":
      return FetchedValue;
    case "look look":
      return LookValue;
    case "mark-line mark-state":
      return MarkStateValue;
    case "view view":
      return ViewValue;
    case "mark mark":
      return MarkValue;
    case "found found":
      return FoundValue;
    case "handover prep-done":
      return PrepDoneValue;
    case "handover walk-order":
      return WalkOrderValue;
    case "handover walk-paused":
      return WalkPauseValue;
    case "stop shown":
      return StopValue;
    case "stop put-off":
      return PutOffValue;
    case "question asked":
      return AskedValue;
    case "question answered":
      return AnsweredValue;
    default:
      return null;
  }
}
