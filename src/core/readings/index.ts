import { Type, type Static } from "@sinclair/typebox";
import { batteryCranking } from "./battery-cranking";
import { batteryRest } from "./battery-rest";
import { belt } from "./belt";
import { bilge } from "./bilge";
import { charging } from "./charging";
import { coolant } from "./coolant";
import { coolingWater } from "./cooling-water";
import { datedItem } from "./dated-item";
import { depthCalibration } from "./depth-calibration";
import { documentSeen } from "./document";
import { engineHours } from "./engine-hours";
import { engineOil } from "./engine-oil";
import { engineTemperature } from "./engine-temperature";
import { exhaustSmoke } from "./exhaust-smoke";
import { extinguisher } from "./extinguisher";
import { fuel } from "./fuel";
import { gas } from "./gas";
import { gearboxOil } from "./gearbox-oil";
import { generatorOutput } from "./generator-output";
import { holdingTank } from "./holding-tank";
import { idleRevs } from "./idle-revs";
import { loadedVolts } from "./loaded-volts";
import { logCalibration } from "./log-calibration";
import { oilPressure } from "./oil-pressure";
import { shaftDrip } from "./shaft-drip";
import { stateOfCharge } from "./state-of-charge";
import { strainer } from "./strainer";
import { besideUsual } from "./trend";
import { water } from "./water";
import type { Judgement, ReadingRule } from "./rule";

const rules = [
  batteryCranking,
  batteryRest,
  belt,
  bilge,
  charging,
  coolant,
  coolingWater,
  datedItem,
  documentSeen,
  engineHours,
  engineOil,
  exhaustSmoke,
  extinguisher,
  fuel,
  gas,
  gearboxOil,
  holdingTank,
  strainer,
  water,
  loadedVolts,
  oilPressure,
  engineTemperature,
  idleRevs,
  generatorOutput,
  stateOfCharge,
  shaftDrip,
  logCalibration,
  depthCalibration,
] as const;

/** Every rule by the name under `reading`. */
export const readingRules = Object.fromEntries(rules.map((rule) => [rule.name, rule])) as unknown as Record<
  string,
  ReadingRule<never>
>;

/** What `judge` takes: the input of any one rule, told apart by `reading`. */
export const ReadingInput = Type.Union(rules.map((rule) => rule.schema));
export type ReadingInput = { reading: string } & Static<typeof ReadingInput>;

/**
 * Judges one reading by the rule that its `reading` names.
 *
 * @throws RangeError when there is no such rule
 */
export function judge(input: { reading: string }): Judgement {
  const rule = readingRules[input.reading];
  if (!rule) throw new RangeError(`no rule for the reading "${input.reading}"`);
  const judgement = rule.judge(input as never);
  const value = (input as Record<string, unknown>)[rule.number ?? ""];
  if (rule.trend === undefined || typeof value !== "number") return judgement;
  return besideUsual(judgement, (input as { history?: number[] }).history ?? [], value, rule.trend(input as never));
}

export type { Judgement, ReadingValue } from "./rule";
