import { Type, type Static, type TSchema } from "@sinclair/typebox";
import { InstantText } from "../basics/ids";
import {
  AnsweredValue,
  AskedValue,
  PutOffValue,
  StopValue,
  WalkOrderValue,
  WalkPauseValue,
} from "../briefing/walk-values";
import { Key } from "../yacht/schema";
import { kindOf, type FetchedValue, type Line, type MainValues } from "./lines";
import type { FoundInValue } from "./lines/count";
import { Mark } from "./lines/mark-form";

const closed = { additionalProperties: false } as const;
const text = (maxLength: number) => Type.String({ minLength: 1, maxLength, pattern: "\\S" });

/** What either side remarks on anything: `remark:base`, `remark:skipper`. */
const RemarkValue = Type.Object({ words: Type.String({ maxLength: 1000 }) }, closed);
/** A photo by the hash of its bytes, `photo:{hash}`; `false` takes it off the line again (the picture itself is kept). */
const PhotoValue = Type.Object(
  {
    attached: Type.Boolean(),
    takenAt: Type.Union([InstantText, Type.Null()]),
    from: Type.Union([Type.Literal("camera"), Type.Literal("file")]),
  },
  closed,
);
const FoundValue = Type.Object(
  { place: Key, words: text(500), count: Type.Integer({ minimum: 1, maximum: 9999 }) },
  closed,
);
export type FoundValue = Static<typeof FoundValue>;
const MarkValue = Type.Union([Mark, Type.Object({ withdrawn: Type.Literal(true), reason: text(300) }, closed)]);

/** A manager's override of a reason, and why; null takes it back. That it was a manager is looked up by the base. */
const OverrideValue = Type.Object({ why: Type.Union([text(500), Type.Null()]) }, closed);

/** Somebody counts a place alone, or gives it back: `took:{place}`. */
const TakenValue = Type.Object({ taken: Type.Boolean() }, closed);

/** The technician has done the round. */
const PrepDoneValue = Type.Object({ done: Type.Literal(true) }, closed);

/** Aspects with a name of their own, by the kind of subject they belong to. */
const ofSubject = {
  handover: { "prep-done": PrepDoneValue, "walk-order": WalkOrderValue, "walk-paused": WalkPauseValue },
  mark: { mark: MarkValue },
  found: { found: FoundValue },
  stop: { shown: StopValue, "put-off": PutOffValue },
  question: { asked: AskedValue, answered: AnsweredValue },
} as const;

/** What a subject is, besides a line of the list. */
export type OtherSubject = keyof typeof ofSubject;

type Named = {
  [Subject in OtherSubject]: {
    [Aspect in keyof (typeof ofSubject)[Subject]]: (typeof ofSubject)[Subject][Aspect] extends TSchema
      ? Static<(typeof ofSubject)[Subject][Aspect]>
      : never;
  };
};
type NamedValues = MainValues &
  Named["handover"] &
  Named["mark"] &
  Named["found"] &
  Named["stop"] &
  Named["question"] & { "found-in": FoundInValue; fetched: FetchedValue };

/** The value of an aspect, by its name. */
export type AspectValue<Aspect extends string> = Aspect extends keyof NamedValues
  ? NamedValues[Aspect]
  : Aspect extends `remark:${string}`
    ? Static<typeof RemarkValue>
    : Aspect extends `photo:${string}`
      ? Static<typeof PhotoValue>
      : Aspect extends `took:${string}`
        ? Static<typeof TakenValue>
        : Aspect extends "let-go" | `let-go:${string}`
          ? Static<typeof OverrideValue>
          : unknown;

/** The schema of what may be recorded on anything; null for what belongs to some subjects only. */
function ofAnything(aspect: string): TSchema | null {
  if (/^remark:(base|skipper)$/.test(aspect)) return RemarkValue;
  return /^photo:[0-9a-f]{64}$/.test(aspect) ? PhotoValue : null;
}

/** The schema a value on a line must pass, or null when the aspect does not belong to the line. */
export function lineValueSchema(line: Line, aspect: string): TSchema | null {
  const kind = kindOf(line);
  if (aspect === kind.aspect) return kind.valueSchema(line);
  if (aspect === "let-go") return OverrideValue;
  const besides = kind.besides ?? {};
  return Object.hasOwn(besides, aspect) ? (besides[aspect] ?? null) : ofAnything(aspect);
}

/** The schema a value on any other subject must pass, or null when the aspect does not belong to the subject. */
export function otherValueSchema(subject: OtherSubject, aspect: string): TSchema | null {
  if (subject === "handover" && /^took:[a-z0-9-]+$/.test(aspect)) return TakenValue;
  if (subject === "handover" && /^let-go:[a-z-]+$/.test(aspect)) return OverrideValue;
  const named: Readonly<Record<string, TSchema>> = ofSubject[subject];
  return Object.hasOwn(named, aspect) ? (named[aspect] ?? null) : ofAnything(aspect);
}
