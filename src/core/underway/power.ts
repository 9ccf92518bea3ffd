import type { Instant } from "../basics/instant";
import type { Words } from "../basics/words";
import { wallClock } from "../basics/wall-clock";
import { power } from "../planners/power/power";
import { chemistries, type Power, type PowerInput } from "../planners/power/schema";
import { judge } from "../readings";
import type { YachtFile } from "../yacht/schema";
import { ageHours, type Field, type Figures, type Known } from "./known";
import { readingsOfKind, type AboardReading } from "./readings";

/** What a skipper may correct of the bank. */
export const powerFields = {
  percent: { unit: "percent", least: 0, most: 100, step: 1 },
  floorPercent: { unit: "percent", least: 0, most: 90, step: 5 },
  solarA: { unit: "A", least: 0, most: 500, step: 1 },
  wantPercent: { unit: "percent", least: 10, most: 100, step: 5 },
} as const satisfies Record<string, Field>;
export type PowerField = keyof typeof powerFields;

type Bank = YachtFile["batteries"][string];

/** The bank that the boat's own current comes from; null where her file names none. */
export function serviceBank({ batteries }: YachtFile): [key: string, bank: Bank] | null {
  return Object.entries(batteries).find(([, { duty }]) => duty === "service") ?? null;
}

/** Below which a bank is not to be taken: half of lead in all its forms, a fifth of lithium. */
const floorOf = ({ chemistry }: Bank): number => (chemistry === "lfp" ? 20 : 50);

/** What is known of the bank: as it was last read, and her panels. */
export function powerKnown(file: YachtFile, readings: readonly AboardReading[], now: Instant): Figures<PowerField> {
  const found = serviceBank(file);
  const solarA = found
    ? Object.values(file.chargers).reduce(
        (sum, { kind, charges, outputA }) => (kind === "solar" && charges.includes(found[0]) ? sum + outputA : sum),
        0,
      )
    : 0;
  return {
    percent: found && percentRead(file, found, readings, now),
    floorPercent: found && { value: floorOf(found[1]), source: { from: "rule" } },
    solarA: { value: solarA, source: { from: "file" } },
    wantPercent: { value: 80, source: { from: "usual" } },
  };
}

/** A reading older than this says nothing of how full a bank is: a night lies between, hours. */
const freshHours = 12;

/** Percent by its own monitor, or by its rest volts where those tell it; the later of the two, and none that is old. */
function percentRead(
  file: YachtFile,
  [key, bank]: [string, Bank],
  readings: readonly AboardReading[],
  now: Instant,
): Known | null {
  const monitors = new Set(readingsOfKind(file, "state-of-charge", key));
  const meters = new Set(readingsOfKind(file, "battery-rest", key));
  const told = readings.flatMap(({ reading, values, at, told: from }): (Known & { at: Instant })[] => {
    const percent = monitors.has(reading) ? values.percent : meters.has(reading) ? byVolts(bank, values) : null;
    return typeof percent === "number" && ageHours(at, now) <= freshHours
      ? [{ value: Math.round(percent), source: { from, at }, at }]
      : [];
  });
  const last = told.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at)).at(-1);
  return last ? { value: last.value, source: last.source } : null;
}

function byVolts({ chemistry, duty, nominalV }: Bank, { volts, restHours }: AboardReading["values"]): number | null {
  if (typeof volts !== "number") return null;
  const rest = typeof restHours === "number" ? restHours : 0;
  const input = { reading: "battery-rest", chemistry, duty, nominalV, volts, restHours: rest };
  return judge(input).stateOfChargePercent ?? null;
}

/** Something that takes of the bank, by the fitting that switches it. */
export interface Load {
  id: string;
  name: Words;
  amps: number;
  fromHour: number;
  toHour: number;
  keep: boolean;
}

/** What her file says that takes of her bank. */
export function loadsOf({ fittings }: YachtFile): Load[] {
  return Object.entries(fittings).flatMap(([key, { draws = [], outOfUse }]) =>
    outOfUse
      ? []
      : draws.map(({ name, amps, fromHour, toHour, keep = false }, at) => ({
          ...{ id: draws.length === 1 ? key : `${key}-${at + 1}`, name, amps, fromHour, toHour, keep },
        })),
  );
}

const hoursOfDay = Array.from({ length: 24 }, (_, hour) => hour);

/** Whether a clock hour lies between two; a day long where they are the same. */
export const isOnAt = ({ fromHour, toHour }: Pick<Load, "fromHour" | "toHour">, hour: number): boolean =>
  fromHour === toHour || (fromHour < toHour ? fromHour <= hour && hour < toHour : hour >= fromHour || hour < toHour);

/** What a panel gives by the hour: from seven to nineteen as the sun climbs, six tenths of its rating at noon. Our own rule. */
const solarByHour = (ratedA: number): number[] =>
  hoursOfDay.map((hour) => ratedA * 0.6 * Math.max(0, Math.sin((Math.PI * (hour + 0.5 - 7)) / 12)));

/** What her alternators give into the bank by revs: by her file, or by a rule from what they are rated. */
export function alternatorOf(file: YachtFile, bank: string): { points: PowerInput["alternator"]; isRule: boolean } {
  const all = Object.values(file.chargers).filter(
    ({ kind, charges }) => kind === "alternator" && charges.includes(bank),
  );
  const [first] = Object.values(file.engines);
  if (all.length === 0 || !first) return { points: [], isRule: false };
  const told = all.find(({ gives }) => gives)?.gives;
  if (told && all.length === 1) return { points: told, isRule: false };
  const ratedA = all.reduce((sum, { outputA }) => sum + outputA, 0);
  const charging = typeof first.chargingRpm === "number" ? first.chargingRpm : (first.chargingRpm?.from ?? 1500);
  // a quarter at idle, six tenths where it charges well: warm, and the bank is not alone on it
  return {
    points: [
      { rpm: 800, amps: ratedA * 0.25 },
      { rpm: Math.max(charging, 801), amps: ratedA * 0.6 },
    ],
    isRule: true,
  };
}

/** What is planned: runs of the engine, loads that are off, until when one looks. */
export interface PowerPlan {
  off: readonly string[];
  hours: number;
  /** by which hour of the base's clock the bank is to be as full as is wanted; whole hours from now */
  wantByH: number;
  engine: PowerInput["engine"];
}

/** How the bank goes on, or what is missing for it. */
export type PowerAnswer =
  | { input: PowerInput; answer: Power; loads: Load[]; rpm: number; isAlternatorRule: boolean; bank: Bank }
  | { missing: PowerField[] }
  | { fault: "no-bank" | "no-loads" };

/** How her bank goes on by the hour; without its charge, or what takes of it, no figure is given. */
export function powerAnswer(
  file: YachtFile,
  figures: Figures<PowerField>,
  plan: PowerPlan,
  now: Instant,
  timeZone: string,
): PowerAnswer {
  const found = serviceBank(file);
  if (!found) return { fault: "no-bank" };
  const [key, bank] = found;
  const chemistry = chemistries.find((each) => each === bank.chemistry);
  if (!chemistry || bank.capacityAh <= 0) return { fault: "no-bank" };
  const all = loadsOf(file);
  if (all.length === 0) return { fault: "no-loads" };
  if (figures.percent === null) return { missing: ["percent"] };
  const loads = all.filter(({ id }) => !plan.off.includes(id));
  const { points, isRule } = alternatorOf(file, key);
  const rpm = points.at(-1)?.rpm ?? 0;
  const input: PowerInput = {
    bank: {
      chemistry,
      capacityAh: bank.capacityAh,
      percent: figures.percent.value,
      floorPercent: figures.floorPercent?.value ?? floorOf(bank),
    },
    startHour: quarterOf(now, timeZone),
    hours: plan.hours,
    loads: loads.map(({ id, keep, amps, ...on }) => ({
      ...{ id, keep },
      ampsByHour: hoursOfDay.map((hour) => (isOnAt(on, hour) ? amps : 0)),
    })),
    solarAmpsByHour: solarByHour(figures.solarA?.value ?? 0),
    shore: [],
    alternator: points,
    engine: [...plan.engine],
    want: points.length === 0 ? null : { percent: figures.wantPercent?.value ?? 80, byH: plan.wantByH, rpm },
  };
  return { input, answer: power(input), loads, rpm, isAlternatorRule: isRule, bank };
}

/** The clock's hour in quarters, the last one that has begun. */
function quarterOf(now: Instant, timeZone: string): number {
  const [hour = 0, minute = 0] = wallClock(now, timeZone).time.split(":").map(Number);
  return hour + Math.floor(minute / 15) / 4;
}
