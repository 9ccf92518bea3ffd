import type { Instant } from "../basics/instant";
import { fuelRange, type FuelInput, type FuelRange } from "../planners/fuel";
import type { YachtFile } from "../yacht/schema";
import type { Field, Figures, Known } from "./known";
import { numbersRead, readingsOfKind, type AboardReading } from "./readings";
import { byGauge, tanksRead } from "./tanks";

/** What a skipper may correct of the fuel. */
export const fuelFields = {
  litresL: { unit: "l", least: 0, most: 5000, step: 1 },
  reservePercent: { unit: "percent", least: 0, most: 90, step: 5 },
  currentKn: { unit: "kn", least: -6, most: 6, step: 0.1 },
  wantNm: { unit: "nm", least: 0, most: 500, step: 1 },
} as const satisfies Record<string, Field>;
export type FuelField = keyof typeof fuelFields;

/** What is kept for the engine to find her a berth, percent of what is in the tank. */
const usualReservePercent = 20;

/** What is known of her fuel: as it was last read, less what the hours since then have burnt. */
export function fuelKnown(file: YachtFile, readings: readonly AboardReading[]): Figures<FuelField> {
  return {
    litresL: litresNow(file, readings),
    reservePercent: { value: usualReservePercent, source: { from: "usual" } },
    currentKn: { value: 0, source: { from: "usual" } },
    wantNm: null,
  };
}

function litresNow(file: YachtFile, readings: readonly AboardReading[]): Known | null {
  const last = tanksRead(file, "fuel", readings).map(({ read }) => read.at(-1));
  if (last.length === 0 || last.some((each) => each === undefined)) return null;
  const told = last.flatMap((each) => each ?? []);
  // the oldest of several: all that was burnt since then is taken off
  const oldest = told.reduce((a, b) => (Date.parse(b.at) < Date.parse(a.at) ? b : a));
  const litres = told.reduce((sum, { value }) => sum + value, 0);
  const burntL = burntSince(file, readings, oldest.at);
  return burntL > 0
    ? { value: Math.max(0, Math.round(litres - burntL)), source: { from: "since", at: oldest.at } }
    : { value: litres, source: { from: oldest.told, at: oldest.at } };
}

/** Litres that her engines have burnt since an instant, by their hours and what they take at cruising revs. */
function burntSince(file: YachtFile, readings: readonly AboardReading[], at: Instant): number {
  return Object.entries(file.engines).reduce((sum, [key, { burnLph = 0 }]) => {
    const [reading] = readingsOfKind(file, "engine-hours", key);
    const hours = reading === undefined ? [] : numbersRead(readings, reading, "hours");
    const then = hours.findLast((each) => Date.parse(each.at) <= Date.parse(at));
    const now = hours.at(-1);
    return then && now ? sum + Math.max(0, now.value - then.value) * burnLph : sum;
  }, 0);
}

/** What all her engines burn together by revs, below the speed that the base limits her to. */
export function burnTable(file: YachtFile): FuelInput["burn"] {
  const engines = Object.values(file.engines).filter(({ burn, outOfUse }) => burn && !outOfUse);
  const table = new Map<number, FuelInput["burn"][number]>();
  for (const { burn = [] } of engines)
    for (const { rpm, speedKn, burnLph } of burn) {
      const known = table.get(rpm);
      table.set(rpm, {
        rpm,
        speedKn: Math.min(speedKn, known?.speedKn ?? speedKn),
        burnLph: burnLph + (known?.burnLph ?? 0),
      });
    }
  const most = file.particulars.limitedSpeedKn ?? Infinity;
  const rows = [...table.values()].toSorted((a, b) => a.rpm - b.rpm);
  const within = rows.filter(({ speedKn }) => speedKn <= most);
  return within.length > 0 ? within : rows.slice(0, 1);
}

/** How far and how long, or what is missing for it. */
export type FuelAnswer =
  { input: FuelInput; answer: FuelRange } | { missing: FuelField[] } | { fault: "no-burn" | "no-fuel-engine" };

/** How far her fuel takes her; without what is in the tank, or what she burns, no number is given. */
export function fuelAnswer(file: YachtFile, figures: Figures<FuelField>): FuelAnswer {
  const burnsFuel = Object.values(file.engines).some(({ kind }) => kind === "diesel" || kind === "petrol-outboard");
  if (!burnsFuel) return { fault: "no-fuel-engine" };
  const burn = burnTable(file);
  if (burn.length === 0) return { fault: "no-burn" };
  const { litresL, reservePercent, currentKn, wantNm } = figures;
  if (litresL === null) return { missing: ["litresL"] };
  const tanks = tanksRead(file, "fuel", []);
  const all = {
    capacityL: tanks.reduce((sum, tank) => sum + tank.capacityL, 0),
    halfStepL: tanks.reduce((sum, tank) => sum + tank.halfStepL, 0),
  };
  const input: FuelInput = {
    litres: byGauge(all, Math.min(litresL.value, all.capacityL)),
    reservePercent: reservePercent?.value ?? usualReservePercent,
    currentKn: currentKn?.value ?? 0,
    burn,
    wantNm: wantNm?.value ?? null,
  };
  return { input, answer: fuelRange(input) };
}
