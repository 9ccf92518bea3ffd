import { Type, type Static } from "@sinclair/typebox";
import { walkOrders, type WalkOrder } from "./walk/schema";

const closed = { additionalProperties: false } as const;

export const skipReasons = ["no-time", "skipper-knows", "not-possible"] as const;
export type SkipReason = (typeof skipReasons)[number];

/** What became of a stop: shown, with or without the skipper's own hand, or left out and why. */
export const StopValue = Type.Union([
  Type.Object(
    {
      result: Type.Literal("shown"),
      handsOn: Type.Boolean(),
      /** time spent at it, as far as the device knows */ seconds: Type.Integer({ minimum: 0, maximum: 36_000 }),
    },
    closed,
  ),
  Type.Object(
    {
      result: Type.Literal("skipped"),
      why: Type.Unsafe<SkipReason>({ type: "string", enum: [...skipReasons] }),
      words: Type.String({ maxLength: 300 }),
      /** a safety stop is left out by a manager alone, with a reason in words */
      manager: Type.Boolean(),
    },
    closed,
  ),
]);
export type StopValue = Static<typeof StopValue>;

/** "Not now": put off with a reason, or taken up again. */
export const PutOffValue = Type.Object({ off: Type.Boolean(), why: Type.String({ maxLength: 200 }) }, closed);
export type PutOffValue = Static<typeof PutOffValue>;

export const WalkOrderValue = Type.Object(
  { order: Type.Unsafe<WalkOrder>({ type: "string", enum: [...walkOrders] }) },
  closed,
);
export type WalkOrderValue = Static<typeof WalkOrderValue>;

export const WalkPauseValue = Type.Object({ paused: Type.Boolean() }, closed);
export type WalkPauseValue = Static<typeof WalkPauseValue>;

/** A question asked on the walk; those from the study stand in the list already. */
export const AskedValue = Type.Object(
  {
    words: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }),
    topic: Type.Union([Type.String({ maxLength: 60 }), Type.Null()]),
  },
  closed,
);
export type AskedValue = Static<typeof AskedValue>;

export const AnsweredValue = Type.Object({ answered: Type.Boolean() }, closed);
export type AnsweredValue = Static<typeof AnsweredValue>;
