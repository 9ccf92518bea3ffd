import "server-only";
import { notAlone, type NotAlone } from "@/core/briefing/walk-alone";
import { briefingPlan } from "@/core/briefing/study/study";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { YachtFile } from "@/core/yacht/schema";
import type { StayView } from "@/formats/desk";
import { now } from "../clock";
import { currentRules } from "../db/base-rules";
import { yachtIsBack } from "../db/charters";
import type { Queryable } from "../db/pool";

/** What stands against this charter's skipper walking the yacht without a briefer, now; empty for nothing. */
export async function walkAloneNow(
  db: Queryable,
  stay: StayView,
  file: YachtFile,
  study: readonly StudyAnswer[],
): Promise<NotAlone[]> {
  const { rules } = await currentRules(db);
  return notAlone({
    rules,
    plan: briefingPlan(file, study),
    startsAt: stay.startsAt,
    now: now(),
    isBack: await yachtIsBack(db, stay.yachtId, stay.stayId),
  });
}
