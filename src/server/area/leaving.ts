import "server-only";
import type { Area } from "@/core/area/area";
import type { BaseRules } from "@/core/base/rules";
import { herBerth } from "@/core/berthing/from-area";
import type { HerBerth } from "@/core/berthing/schema";
import { windLimits } from "@/core/weather/limits";
import type { YachtFile } from "@/core/yacht/schema";
import type { LeavingBerth } from "@/api/schemas/leaving";
import type { StayView } from "@/api/schemas/desk";
import { now } from "../clock";
import { currentArea } from "../db/area";
import { currentBase } from "../db/base";
import { currentRules } from "../db/base-rules";
import type { Queryable } from "../db/pool";
import { listYachts } from "../db/yachts";
import { outlookNow } from "../weather/outlook";

/** How a yacht lies at the base, and which yachts of it lie beside her; nothing where the base does not tell. */
export async function berthOf(
  db: Queryable,
  yacht: { slug: string; berth: string },
  { berths = [] }: Pick<Area, "berths">,
): Promise<{ berth?: HerBerth }> {
  if (berths.length === 0) return {};
  const fleet = (await listYachts(db)).map(({ slug, berth, file: { particulars } }) => ({
    ...{ slug, berth, lengthM: particulars.lengthM, beamM: particulars.beamM },
  }));
  const hers = fleet.find(({ slug }) => slug === yacht.slug);
  const lies = hers ? herBerth(berths, { ...hers, berth: yacht.berth }, fleet) : null;
  return lies ? { berth: lies } : {};
}

/** What the plan of leaving goes by, as it stands now; null where the base tells nothing of her berth. */
export async function leavingOf(
  db: Queryable,
  stay: Pick<StayView, "yachtSlug" | "berth" | "aboard">,
  file: YachtFile,
  begun?: Pick<BaseRules, "windLimitKn" | "gustLimitKn">,
): Promise<LeavingBerth | null> {
  const told = await currentArea(db);
  if (!told) return null;
  const { berth } = await berthOf(db, { slug: stay.yachtSlug, berth: stay.berth }, told.area);
  if (!berth) return null;
  const { timeZone } = await currentBase(db);
  const rules = begun ?? (await currentRules(db)).rules;
  return {
    ...{ berth, persons: stay.aboard, position: told.area.base.position },
    windLimitKn: windLimits(rules, file.particulars.windLimitKn).windKn,
    outlook: await outlookNow(db, now(), timeZone),
  };
}
