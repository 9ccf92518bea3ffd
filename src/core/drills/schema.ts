import { Type, type Static } from "@sinclair/typebox";
import { oneOf } from "../yacht/parts/basics";
import { deeds } from "./control";
import type { Output } from "./device";
import type { Told } from "./drill";

const closed = { additionalProperties: false } as const;
const Name = Type.String({ minLength: 1, maxLength: 80 });

/** One drill from its beginning: the device as set up, and everything that was done to it. */
export const DrillInput = Type.Object(
  {
    device: Name,
    /** by the device's own schema; what is left out is as usual */
    setup: Type.Optional(Type.Record(Type.String(), Type.Unknown())),
    faults: Type.Optional(Type.Array(Name, { maxItems: 20 })),
    task: Type.Optional(Type.Union([Name, Type.Null()])),
    actions: Type.Array(
      Type.Object(
        {
          /** s from the beginning */
          at: Type.Number({ minimum: 0 }),
          do: oneOf(deeds),
          control: Type.Optional(Name),
          to: Type.Optional(Type.Union([Type.String({ maxLength: 80 }), Type.Number()])),
        },
        closed,
      ),
      { maxItems: 100_000 },
    ),
    /** s; nothing is done or judged after it */
    until: Type.Number({ minimum: 0, maximum: 86_400 }),
    stepS: Type.Optional(Type.Number({ minimum: 0.01, maximum: 0.1 })),
  },
  closed,
);
export type DrillInput = Static<typeof DrillInput>;

/** What came of it. */
export interface DrillResult {
  events: Told[];
  mistakes: Told[];
  /** the goal of the task was reached */
  done: boolean;
  /** done without a mistake */
  clean: boolean;
  state: Record<string, Output>;
}
