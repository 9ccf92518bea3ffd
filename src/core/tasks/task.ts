import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../basics/words";
import { prepSections } from "./sections";
import { byKey, Key, oneOf, strict } from "../yacht/parts/basics";

/** What a yacht must have for a task to be one of hers. */
export const taskNeeds = ["berths", "head", "gas", "fuel-tank", "water-tank", "tender", "outboard", "sails"] as const;
export type TaskNeed = (typeof taskNeeds)[number];

/** When a task is due: at every turn-round, before she lies so many days, or after she has lain so many. */
export const taskWhens = ["always", "before-idle", "after-idle"] as const;
export type TaskWhen = (typeof taskWhens)[number];

/** Something that is done aboard between two charters, on each yacht that it fits. */
export const Task = strict({
  name: Words,
  how: Words,
  caution: Type.Optional(Words),
  section: oneOf(prepSections),
  /** at which step of the section: readings and what her file brings have their own */
  step: Type.Integer({ minimum: 0, maximum: 99 }),
  /** minutes of one person on a yacht of `smallM` and of `largeM` metres; between them by her length */
  minutes: strict({
    small: Type.Integer({ minimum: 0, maximum: 600 }),
    large: Type.Integer({ minimum: 0, maximum: 600 }),
  }),
  when: oneOf(taskWhens),
  /** days that she lies, where it hangs on them */
  days: Type.Optional(Type.Integer({ minimum: 1, maximum: 400 })),
  needs: Type.Optional(oneOf(taskNeeds)),
  /** yachts that it is for, by their short names; all where it names none */
  onlyOn: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 100, uniqueItems: true })),
});
export type Task = Static<typeof Task>;

/** What a base does between two charters, by keys that are made once and never reused. */
export const Tasks = byKey(Task);
export type Tasks = Static<typeof Tasks>;
