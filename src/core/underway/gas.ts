import type { YachtFile } from "../yacht/schema";
import { numbersRead, readingsOfKind, type AboardReading } from "./readings";

/** What a burner takes in an hour where her file does not say, grams: our own rule. */
export const usualBurnerGph = 130;

/** How long one burner burns on what was left when it was last read. */
export interface GasHours {
  hours: number;
  kg: number;
  at: string;
  told: AboardReading["told"];
  burnerGph: number;
  isMeasured: boolean;
}

/** Hours of one burner on her gas; null where she has none, or nobody read it. */
export function gasHours(file: YachtFile, readings: readonly AboardReading[]): GasHours | null {
  const [key, gas] = Object.entries(file.gas)[0] ?? [];
  if (key === undefined || !gas) return null;
  const reading = readingsOfKind(file, "gas")[0] ?? "";
  const percent = numbersRead(readings, reading, "percent").at(-1);
  const full = numbersRead(readings, reading, "fullBottles").at(-1);
  if (!percent) return null;
  const kg = gas.bottleKg * (percent.value / 100 + (full?.value ?? 0));
  const burnerGph = gas.burnerGph ?? usualBurnerGph;
  return {
    ...{ kg, burnerGph, at: percent.at, told: percent.told },
    hours: (kg * 1000) / burnerGph,
    isMeasured: gas.burnerGph !== undefined,
  };
}
