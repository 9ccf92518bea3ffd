import type { Instant } from "../basics/instant";
import { apparent, reef, type Reef, type ReefInput } from "../planners/reef";
import type { Outlook } from "../weather/outlook";
import type { YachtFile } from "../yacht/schema";
import type { Field, Figures } from "./known";

/** What a skipper may correct of the wind and how she sails in it. */
export const reefFields = {
  trueKn: { unit: "kn", least: 0, most: 80, step: 1 },
  gustKn: { unit: "kn", least: 0, most: 100, step: 1 },
  trueAngleDeg: { unit: "deg", least: 0, most: 180, step: 5 },
  speedKn: { unit: "kn", least: 0, most: 20, step: 0.5 },
} as const satisfies Record<string, Field>;
export type ReefField = keyof typeof reefFields;

/** Off the wind, across it and before it: angles off the bow that one starts from. */
export const usualAngles = { close: 45, across: 90, before: 150 } as const;

/** How fast she sails where nobody says: three quarters of √(length), knots, our own rule. */
const usualSpeedKn = ({ lengthM }: YachtFile["particulars"]): number =>
  Math.round(0.75 * 2.43 * Math.sqrt(0.9 * lengthM) * 2) / 2;

/** What is known before anybody types: the wind of this hour by the feed. */
export function reefKnown(file: YachtFile, outlook: Outlook | null, now: Instant): Figures<ReefField> {
  const hour = outlook?.wind?.hours.findLast(({ at }) => Date.parse(at) <= Date.parse(now));
  const isNow = hour !== undefined && Date.parse(now) - Date.parse(hour.at) < 3_600_000;
  const source = { from: "feed", name: outlook?.wind?.from ?? "", at: outlook?.at ?? now } as const;
  return {
    trueKn: isNow ? { value: hour.windKn, source } : null,
    gustKn: isNow ? { value: hour.gustKn, source } : null,
    trueAngleDeg: { value: usualAngles.close, source: { from: "usual" } },
    speedKn: { value: usualSpeedKn(file.particulars), source: { from: "rule" } },
  };
}

/** Her own reefs, lightest wind first; rows without a figure, or none lighter than the one before, are left out. */
export function reefTable(file: YachtFile): { id: string; fromKn: number }[] {
  const rows = Object.entries(file.reefs)
    .toSorted(([, a], [, b]) => a.order - b.order)
    .map(([id, { fromKn }]) => ({ id, fromKn }));
  return rows.filter(({ fromKn }, at) => fromKn > 0 && rows.slice(0, at).every((before) => before.fromKn < fromKn));
}

/**
 * By which wind her reefs are judged: as her file says, else by whichever of the two is stronger, so that neither too
 * much sail is carried to windward nor the wind forgotten before it.
 */
export function reefBasis(file: YachtFile, wind: Pick<ReefInput, "trueKn" | "trueAngleDeg" | "speedKn">) {
  const told = file.particulars.reefsBy;
  if (told) return { basis: told, isTold: true } as const;
  const felt = apparent(wind.trueKn, wind.trueAngleDeg, wind.speedKn).kn;
  return { basis: felt > wind.trueKn ? "apparent" : "true", isTold: false } as const;
}

/** Which reef is due, or what is missing for it. */
export type ReefAnswer =
  { input: ReefInput; answer: Reef; isBasisTold: boolean } | { missing: ReefField[] } | { fault: "no-table" };

/** Which reef is due by her own table; without wind, or a table, no answer is given. */
export function reefAnswer(file: YachtFile, figures: Figures<ReefField>, caution: ReefInput["caution"]): ReefAnswer {
  const table = reefTable(file);
  if (table.length === 0) return { fault: "no-table" };
  const { trueKn, gustKn, trueAngleDeg, speedKn } = figures;
  if (trueKn === null) return { missing: ["trueKn"] };
  const wind = {
    trueKn: trueKn.value,
    gustKn: Math.max(gustKn?.value ?? 0, trueKn.value),
    trueAngleDeg: trueAngleDeg?.value ?? usualAngles.close,
    speedKn: speedKn?.value ?? 0,
  };
  const { basis, isTold } = reefBasis(file, wind);
  const input: ReefInput = { ...wind, basis, caution, table };
  return { input, answer: reef(input), isBasisTold: isTold };
}

/** An hour to come, with what is due in it. */
export interface ReefHour {
  at: Instant;
  windKn: number;
  gustKn: number;
  set: string | null;
}

/** Which reef is due in each of the hours to come, as she sails now. */
export function reefHours(outlook: Outlook | null, input: ReefInput, now: Instant, hours: number): ReefHour[] {
  const nowMs = Date.parse(now);
  return (outlook?.wind?.hours ?? [])
    .filter(({ at }) => Date.parse(at) > nowMs - 3_600_000 && Date.parse(at) <= nowMs + hours * 3_600_000)
    .map(({ at, windKn, gustKn }) => ({
      ...{ at, windKn, gustKn },
      set: reef({ ...input, trueKn: windKn, gustKn: Math.max(gustKn, windKn) }).set,
    }));
}
