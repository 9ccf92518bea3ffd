import type { BerthingInput, HerBerth } from "../berthing/schema";
import { handledFrom } from "../handling/from-file";
import type { Instant } from "../basics/instant";
import type { Outlook } from "../weather/outlook";
import type { YachtFile } from "../yacht/schema";
import { missingOf, type Field, type Figures } from "./known";

/** What a skipper may correct of leaving the berth. */
export const berthFields = {
  windFromDeg: { unit: "deg", least: 0, most: 355, step: 5 },
  windKn: { unit: "kn", least: 0, most: 45, step: 1 },
  crew: { unit: "people", least: 1, most: 30, step: 1 },
} as const satisfies Record<string, Field>;
export type BerthField = keyof typeof berthFields;

const hourMs = 3_600_000;

/** What is known before anybody types: the wind of this hour by the feed, and who is aboard. */
export function berthKnown(outlook: Outlook | null, persons: number, now: Instant): Figures<BerthField> {
  const hour = outlook?.wind?.hours.findLast(({ at }) => Date.parse(at) <= Date.parse(now));
  const isNow = hour !== undefined && Date.parse(now) - Date.parse(hour.at) < hourMs;
  const source = { from: "feed", name: outlook?.wind?.from ?? "", at: outlook?.at ?? now } as const;
  const { most } = berthFields.crew;
  return {
    windFromDeg: isNow ? { value: (Math.round(hour.fromDeg / 5) * 5) % 360, source } : null,
    windKn: isNow ? { value: Math.min(berthFields.windKn.most, Math.round(hour.windKn)), source } : null,
    crew: { value: Math.max(1, Math.min(most, persons)), source: { from: "charter" } },
  };
}

/** What the plan of leaving rests on beside the figures. */
export interface Leaving {
  berth: HerBerth;
  /** berths beside her that are empty just now */
  free: ReadonlySet<string>;
  isDark: boolean;
  windLimitKn: number | null;
}

/** What is reckoned with; what is missing for it; or why her file is not enough. */
export function berthInput(
  file: YachtFile,
  { berth, free, isDark, windLimitKn }: Leaving,
  figures: Figures<BerthField>,
):
  | { input: BerthingInput; byRule: readonly string[]; asked: readonly string[] }
  | { missing: BerthField[] }
  | { fault: "no-boat" } {
  const handled = handledFrom(file);
  if (!handled) return { fault: "no-boat" };
  const missing = missingOf(figures, ["windFromDeg", "windKn"]);
  const { windFromDeg, windKn, crew } = figures;
  if (!windFromDeg || !windKn || !crew) return { missing };
  return {
    input: {
      boat: handled.boat,
      berth: berth.lie,
      neighbours: berth.beside
        .filter((each) => !free.has(each.berth))
        .map(({ offsetM, lengthM, beamM }) => ({ offsetM, lengthM, beamM })),
      wind: { fromDeg: windFromDeg.value, kn: windKn.value },
      crew: crew.value,
      isDark,
      ...(windLimitKn === null ? {} : { limits: { windKn: windLimitKn } }),
    },
    ...{ byRule: handled.byRule, asked: handled.asked },
  };
}
