import { Type, type Static } from "@sinclair/typebox";
import type { Calculation } from "../basics/calculation";
import { amount, Between, figure, fields, forgiven, positive, requireOnce, requireOrder } from "./quantity";

/** What is in the tank, what she burns, and how far one wants to go. */
export const FuelInput = fields({
  litres: Between,
  reservePercent: Type.Number({ minimum: 0, maximum: 100 }),
  /** with her above 0, against her below */
  currentKn: figure(),
  burn: Type.Array(fields({ rpm: amount(), speedKn: amount(), burnLph: positive() }), { minItems: 1, maxItems: 100 }),
  wantNm: Type.Union([amount(), Type.Null()]),
});
export type FuelInput = Static<typeof FuelInput>;

/** How long and how far the fuel lasts, by revs. */
export interface FuelRange {
  /** what may be burnt: the least there is, less the reserve */
  usableL: number;
  rows: { rpm: number; hours: number; rangeNm: number }[];
  /** most miles a litre; null where she makes no way at any */
  bestRpm: number | null;
  /** the fastest that reaches as far as is wanted; null where none does, or nothing is wanted */
  enough: number | null;
}

/** Shares that differ by less are equal: two ways of writing one figure. */
const sameShare = 1e-12;

/** How long and how far the fuel lasts at each of her revs, over the ground. */
export function fuelRange({ litres, reservePercent, currentKn, burn, wantNm }: FuelInput): FuelRange {
  const usableL = litres.low * (1 - reservePercent / 100);
  const rows = burn.map(({ rpm, speedKn, burnLph }) => {
    const hours = usableL / burnLph;
    return { rpm, hours, rangeNm: hours * Math.max(0, speedKn + currentKn) };
  });
  let best: { rpm: number; nmPerL: number } | null = null;
  for (const { rpm, speedKn, burnLph } of burn) {
    const nmPerL = (speedKn + currentKn) / burnLph;
    if (nmPerL <= 0) continue;
    const ahead = best === null ? 1 : nmPerL / best.nmPerL - 1;
    if (best === null || ahead > sameShare || (ahead >= -sameShare && rpm < best.rpm)) best = { rpm, nmPerL };
  }
  const reaching = burn
    .filter((_, at) => wantNm !== null && (rows[at]?.rangeNm ?? 0) >= wantNm - forgiven)
    .toSorted((a, b) => b.speedKn - a.speedKn || a.burnLph - b.burnLph);
  return { usableL, rows, bestRpm: best?.rpm ?? null, enough: reaching[0]?.rpm ?? null };
}

/** `./brinecove calc fuel` */
export const fuelCalculation: Calculation<FuelInput, FuelRange> = {
  name: "fuel",
  about: "how long and how far the fuel lasts",
  schema: FuelInput,
  run: (input) => {
    requireOrder(input.litres, "/litres");
    requireOnce(
      input.burn.map(({ rpm }) => rpm),
      (at) => `/burn/${at}/rpm`,
    );
    return fuelRange(input);
  },
};
