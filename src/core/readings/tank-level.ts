import type { Words } from "../basics/words";
import type { YachtFile } from "../yacht/schema";
import { asks, fine, impossible, type Judgement, type GivenFrom, type ReadField } from "./rule";

/** Litres as a gauge or a stick shows them. */
export const litres: ReadField = { name: "litres", type: "number", least: 0, most: 5000 };

/** Litres from a level sensor's share of the tank (0 to 1). */
export function measuredLitres(share: number, { capacityL }: Record<string, unknown>): Record<string, number> | null {
  return share >= 0 && share <= 1 && typeof capacityL === "number" ? { litres: Math.round(share * capacityL) } : null;
}

/** What a rule of tanks needs: how much goes in, and how fine its gauge is; both together where one gauge shows several. */
export function tankGiven({ file, of, with: others }: GivenFrom): Record<string, number> {
  const tanks = [of, ...others].flatMap((key) => file.tanks[key] ?? []);
  if (tanks.length === 0) return {};
  return {
    capacityL: tanks.reduce((sum, { capacityL }) => sum + capacityL, 0),
    gaugeStepL: Math.max(...tanks.map(({ gaugeStepL }) => gaugeStepL)),
  };
}

const parts = { percent: 10, eighths: 8, quarters: 4 } as const;

/**
 * What can be tapped where the gauge shows no litres: its tenths, eighths or quarters, or the marks on a stick, each with
 * the litres that are in it then.
 *
 * @param capacityL what goes in; of both where one gauge shows two
 */
export function gaugeTaps(
  tank: Pick<YachtFile["tanks"][string], "gaugeIn" | "gaugeMarks"> | undefined,
  capacityL: number,
): { value: number; words: Words }[] {
  const scale = tank?.gaugeIn;
  if (scale === undefined) return [];
  if (scale === "marks") return (tank?.gaugeMarks ?? []).map(({ litres: value, words }) => ({ value, words }));
  const steps = parts[scale];
  return Array.from({ length: steps + 1 }, (_, step) => ({
    value: Math.round((capacityL * step) / steps),
    words: { en: scale === "percent" ? `${step * 10} %` : `${step}/${steps}` },
  }));
}

export interface TankReading {
  what: string;
  litres: number;
  capacityL: number;
  watchBelowL: number;
  from: string;
  whatToDo: string;
}

/**
 * Judges a tank that ought to be full or well filled: outside 0 to its capacity cannot be,
 * below the limit is to be watched.
 */
export function judgeTankLevel(reading: TankReading): Judgement {
  const { what, litres, capacityL, watchBelowL } = reading;
  const limit = { from: reading.from, watchBelowL: Math.round(watchBelowL * 10) / 10, capacityL };
  if (litres < 0 || litres > capacityL) {
    return impossible(
      `${litres} l of ${what} cannot be in a tank of ${capacityL} l`,
      "Read the gauge once more.",
      limit,
    );
  }
  const of = `${litres} of ${capacityL} l of ${what}`;
  return litres < watchBelowL
    ? asks("watch", `${of}: below ${limit.watchBelowL} l`, reading.whatToDo, limit)
    : fine(of, limit);
}
