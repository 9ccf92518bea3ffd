import type { Static } from "@sinclair/typebox";
import { Type } from "@sinclair/typebox";
import { batteryRest } from "./battery-rest";
import { coolant } from "./coolant";
import { datedItem } from "./dated-item";
import { engineHours } from "./engine-hours";
import { engineOil } from "./engine-oil";
import { extinguisher } from "./extinguisher";
import { fuel } from "./fuel";
import type { Judgement, ReadingRule } from "./rule";
import { water } from "./water";

/** Every rule by the name under `reading`. */
export const readingRules = {
  [batteryRest.name]: batteryRest,
  [coolant.name]: coolant,
  [datedItem.name]: datedItem,
  [engineHours.name]: engineHours,
  [engineOil.name]: engineOil,
  [extinguisher.name]: extinguisher,
  [fuel.name]: fuel,
  [water.name]: water,
} as Record<string, ReadingRule<never>>;

/** What `judge` takes: the input of any one rule, told apart by `reading`. */
export const ReadingInput = Type.Union([
  batteryRest.schema,
  coolant.schema,
  datedItem.schema,
  engineHours.schema,
  engineOil.schema,
  extinguisher.schema,
  fuel.schema,
  water.schema,
]);
export type ReadingInput = { reading: string } & Static<typeof ReadingInput>;

/**
 * Judges one reading by the rule that its `reading` names.
 *
 * @throws RangeError when there is no such rule
 */
export function judge(input: { reading: string }): Judgement {
  const rule = readingRules[input.reading];
  if (!rule) throw new RangeError(`no rule for the reading "${input.reading}"`);
  return rule.judge(input as never);
}

export type { Judgement } from "./rule";
