import { daysBetweenInstants } from "./days";
import type { Instant } from "../basics/instant";
import { waterDays, type WaterDays, type WaterInput } from "../planners/water";
import type { YachtFile } from "../yacht/schema";
import type { Field, Figures, Known } from "./known";
import type { AboardReading } from "./readings";
import { byGauge, tanksRead, type TankRead } from "./tanks";

/** What a skipper may correct of the water. */
export const waterFields = {
  litresL: { unit: "l", least: 0, most: 5000, step: 5 },
  persons: { unit: "people", least: 1, most: 40, step: 1 },
  lowLpd: { unit: "l/d", least: 1, most: 100, step: 1 },
  highLpd: { unit: "l/d", least: 1, most: 200, step: 1 },
  days: { unit: "days", least: 0.5, most: 60, step: 0.5 },
} as const satisfies Record<string, Field>;
export type WaterField = keyof typeof waterFields;

/** What a person uses in a day with care and without, litres, while nobody has learned it of this crew: our own rule. */
export const usualLpd = { low: 8, high: 20 };

/** Of whom and until when the water is reckoned. */
export interface WaterOf {
  file: YachtFile;
  readings: readonly AboardReading[];
  persons: number;
  backAt: Instant;
  now: Instant;
}

/** What is known of her water: as it was last read, less what this crew has used since. */
export function waterKnown({ file, readings, persons, backAt, now }: WaterOf): Figures<WaterField> {
  const tanks = tanksRead(file, "water", readings);
  const use = learnedLpd(tanks, persons);
  const of = (value: number): Known =>
    use
      ? { value: Math.round(value), source: { from: "learned", days: use.days } }
      : { value, source: { from: "usual" } };
  const { low, high } = use ? { low: use.lpd * 0.8, high: use.lpd * 1.25 } : usualLpd;
  return {
    litresL: litresNow(tanks, (persons * (low + high)) / 2, now),
    persons: { value: persons, source: { from: "charter" } },
    lowLpd: of(low),
    highLpd: of(high),
    days: {
      value: Math.max(0.5, Math.round(daysBetweenInstants(now, backAt) * 2) / 2),
      source: { from: "charter" },
    },
  };
}

/** Younger than this a reading is told as it was read, and not reckoned on, days. */
const freshDays = 0.25;

function litresNow(tanks: readonly TankRead[], useLpd: number, now: Instant): Known | null {
  const last = tanks.map(({ read }) => read.at(-1));
  if (last.length === 0 || last.some((each) => each === undefined)) return null;
  const told = last.flatMap((each) => each ?? []);
  const oldest = told.reduce((a, b) => (Date.parse(b.at) < Date.parse(a.at) ? b : a));
  const litres = told.reduce((sum, { value }) => sum + value, 0);
  const days = daysBetweenInstants(oldest.at, now);
  return days < freshDays
    ? { value: litres, source: { from: oldest.told, at: oldest.at } }
    : { value: Math.max(0, Math.round(litres - days * useLpd)), source: { from: "since", at: oldest.at } };
}

/** A time between two readings shorter than this says nothing of a day's use, days. */
const learnsFromDays = 0.5;

/**
 * What this crew uses, by all times between two readings in which every tank fell or stayed; null where there is none.
 * A tank that was filled between them tells nothing of it.
 */
export function learnedLpd(
  tanks: readonly Pick<TankRead, "read">[],
  persons: number,
): { lpd: number; days: number } | null {
  const times = [...new Set(tanks.flatMap(({ read }) => read.map(({ at }) => at)))].sort();
  const whole = times.flatMap((at) => {
    const litres = tanks.map(({ read }) => read.find((each) => each.at === at)?.value);
    return litres.every((each) => each !== undefined) ? [{ at, litres }] : [];
  });
  let [usedL, days] = [0, 0];
  whole.forEach((now, index) => {
    const before = whole[index - 1];
    if (!before) return;
    const span = daysBetweenInstants(before.at, now.at);
    const used = now.litres.map((litres, tank) => (before.litres[tank] ?? 0) - litres);
    if (span < learnsFromDays || used.some((litres) => litres < 0)) return;
    usedL += used.reduce((sum, litres) => sum + litres, 0);
    days += span;
  });
  return days > 0 && usedL > 0 ? { lpd: usedL / days / persons, days: Math.round(days * 10) / 10 } : null;
}

/** For how many days, or what is missing for it. */
export type WaterAnswer = { input: WaterInput; answer: WaterDays } | { missing: WaterField[] } | { fault: "no-tank" };

/** For how many days her water lasts; without what is in the tanks no number is given. */
export function waterAnswer(file: YachtFile, figures: Figures<WaterField>): WaterAnswer {
  const tanks = tanksRead(file, "water", []);
  if (tanks.length === 0) return { fault: "no-tank" };
  if (figures.litresL === null) return { missing: ["litresL"] };
  const of = (name: WaterField, usual: number) => figures[name]?.value ?? usual;
  const all = {
    capacityL: tanks.reduce((sum, { capacityL }) => sum + capacityL, 0),
    halfStepL: tanks.reduce((sum, { halfStepL }) => sum + halfStepL, 0),
  };
  const low = of("lowLpd", usualLpd.low);
  const input: WaterInput = {
    tanks: [{ id: "all", litres: byGauge(all, Math.min(figures.litresL.value, all.capacityL)) }],
    persons: Math.max(1, Math.round(of("persons", 1))),
    litresPerPersonDay: { low, high: Math.max(low, of("highLpd", usualLpd.high)) },
    days: of("days", 1),
  };
  return { input, answer: waterDays(input) };
}

/** In how many hours the open tank is empty with most use: then the next one is opened. */
export function changeTankInH(litres: number, { persons, litresPerPersonDay }: WaterInput): number {
  return (24 * litres) / (persons * litresPerPersonDay.high);
}
