import { Type, type Static } from "@sinclair/typebox";
import { oneOf } from "../../yacht/parts/basics";
import { amount, fields, name, positive } from "../quantity";

/** What a bank can be made of. */
export const chemistries = ["lead-acid", "agm", "gel", "lfp"] as const;
export type Chemistry = (typeof chemistries)[number];

const Percent = () => Type.Number({ minimum: 0, maximum: 100 });
/** Quarter hours from the start. */
const AtH = () => Type.Number({ minimum: 0, maximum: 1e6, multipleOf: 0.25 });
const ByHour = () => Type.Array(amount(), { minItems: 24, maxItems: 24 });

/** A bank, what is taken out of it hour by hour, and what comes in. */
export const PowerInput = fields({
  bank: fields({ chemistry: oneOf(chemistries), capacityAh: positive(), percent: Percent(), floorPercent: Percent() }),
  startHour: Type.Number({ minimum: 0, exclusiveMaximum: 24, multipleOf: 0.25 }),
  hours: Type.Number({ minimum: 0, maximum: 168, multipleOf: 0.25 }),
  loads: Type.Array(fields({ id: name(), keep: Type.Boolean(), ampsByHour: ByHour() }), { maxItems: 200 }),
  solarAmpsByHour: ByHour(),
  shore: Type.Array(fields({ fromH: AtH(), toH: AtH(), amps: amount() }), { maxItems: 700 }),
  alternator: Type.Array(fields({ rpm: amount(), amps: amount() }), { maxItems: 100 }),
  engine: Type.Array(fields({ fromH: AtH(), toH: AtH(), rpm: amount() }), { maxItems: 700 }),
  want: Type.Union([fields({ percent: Percent(), byH: AtH(), rpm: amount() }), Type.Null()]),
});
export type PowerInput = Static<typeof PowerInput>;

/** How full the bank is quarter hour by quarter hour, and what to do about it. */
export interface Power {
  percent: number[];
  /** when it reaches its floor; null where it does not */
  floorAtH: number | null;
  /** how long the engine has to run for what is wanted; null where no run reaches it, or nothing is wanted */
  engineHours: number | null;
  /** the load that takes most of those that can be done without */
  dropFirst: string | null;
}
