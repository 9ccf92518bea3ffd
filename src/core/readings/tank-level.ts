import { asks, fine, impossible, type Judgement, type ReadField } from "./rule";

/** Litres as a gauge or a stick shows them. */
export const litres: ReadField = { name: "litres", type: "number", least: 0, most: 5000 };

/** Litres from a level sensor's share of the tank (0 to 1). */
export function measuredLitres(share: number, { capacityL }: Record<string, unknown>): Record<string, number> | null {
  return share >= 0 && share <= 1 && typeof capacityL === "number" ? { litres: Math.round(share * capacityL) } : null;
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
