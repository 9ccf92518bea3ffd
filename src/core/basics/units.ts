/** In what people see lengths, wind and litres; distances stay nautical miles. */
export interface UnitChoice {
  length: "m" | "ft";
  wind: "kn" | "m/s";
  volume: "l" | "gal";
}

export const usualUnits: UnitChoice = { length: "m", wind: "kn", volume: "l" };

/** How much of a unit one of ours is: the international foot, the knot of 1852 m an hour, the US gallon of 231 cubic inches. */
const perOurs = { m: 1, ft: 1 / 0.3048, kn: 1, "m/s": 1852 / 3600, l: 1, gal: 1 / 3.785411784 } as const;
export type ShownUnit = keyof typeof perOurs;

/** A figure of ours in a unit that people chose. */
export const inUnit = (value: number, unit: ShownUnit): number => value * perOurs[unit];
/** A figure that people wrote in a unit of theirs, in ours. */
export const fromUnit = (shown: number, unit: ShownUnit): number => shown / perOurs[unit];
