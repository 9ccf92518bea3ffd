import type { Words } from "../basics/words";
import type { YachtFile } from "../yacht/schema";
import { numbersRead, readingsOfKind, type AboardReading, type ReadNumber } from "./readings";

/** A tank, or several that one gauge shows together, with what was read of it. */
export interface TankRead {
  tanks: string[];
  name: Words;
  capacityL: number;
  /** half a step of the gauge: no figure is finer */
  halfStepL: number;
  /** oldest first */
  read: ReadNumber[];
}

const kinds = { fuel: "fuel", water: "water", waste: "holding-tank" } as const;

/** Her tanks of one kind, each with what was read of it; a tank of which nothing is read stands there without. */
export function tanksRead(file: YachtFile, holds: keyof typeof kinds, readings: readonly AboardReading[]): TankRead[] {
  const seen = new Set<string>();
  const read = readingsOfKind(file, kinds[holds]).flatMap((key): TankRead[] => {
    const spec = file.readings[key];
    const tanks = [spec?.of ?? "", ...(spec?.with ?? [])].filter((tank) => file.tanks[tank]?.holds === holds);
    if (!spec || tanks.length === 0 || tanks.some((tank) => seen.has(tank))) return [];
    for (const tank of tanks) seen.add(tank);
    return [{ ...together(file, tanks, spec.name), read: numbersRead(readings, key, "litres") }];
  });
  const others = Object.entries(file.tanks).flatMap(([key, tank]): TankRead[] =>
    tank.holds === holds && !seen.has(key) ? [{ ...together(file, [key], tank.name), read: [] }] : [],
  );
  return [...read, ...others];
}

function together(file: YachtFile, tanks: string[], name: Words): Omit<TankRead, "read"> {
  const each = tanks.flatMap((key) => file.tanks[key] ?? []);
  return {
    tanks,
    // one tank by its own name: that of a reading may say how it is read
    name: each.length === 1 ? (each[0]?.name ?? name) : name,
    capacityL: each.reduce((sum, { capacityL }) => sum + capacityL, 0),
    halfStepL: Math.max(...each.map(({ gaugeStepL }) => gaugeStepL)) / 2,
  };
}

/** What is in a tank by a reading, as fine as its gauge. */
export function byGauge({ capacityL, halfStepL }: Pick<TankRead, "capacityL" | "halfStepL">, litres: number) {
  return { low: Math.max(0, litres - halfStepL), high: Math.min(capacityL, litres + halfStepL) };
}
