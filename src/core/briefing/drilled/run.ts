import { Type, type Static } from "@sinclair/typebox";

/** A code of a drill: a task, a mistake. */
const Code = Type.String({ pattern: "^[a-z0-9]+(-[a-z0-9]+)*$", maxLength: 60 });

/** What is kept of one run of a drill. */
export const runFields = {
  /** which of her devices, as it stands in the address of its drill: `engine`, `head.fore` */
  drill: Type.String({ pattern: "^[a-z0-9-]+(\\.[a-z0-9-]+)?$", maxLength: 120 }),
  task: Code,
  /** the day at the base */
  day: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
  /** digest of what was worked: a yacht that was changed since is another machine */
  machine: Type.String({ pattern: "^[0-9a-f]{64}$" }),
  /** whether the task was done to its end, or given up */
  value: Type.Unsafe<"done" | "given-up">({ type: "string", enum: ["done", "given-up"] }),
  /** gone back to before a mistake, slowed down, or shown first: it is practice then, and counts for no clean run */
  helped: Type.Boolean(),
  /** codes, as often as they were made */
  mistakes: Type.Array(Code, { maxItems: 60 }),
  seconds: Type.Number({ minimum: 0, maximum: 36_000 }),
};
const _Fields = Type.Object(runFields);
/** A run with when it ended. */
export type DrillRunKept = Static<typeof _Fields> & { at: string };
