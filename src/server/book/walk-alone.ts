import "server-only";
import { AppError } from "@/api/app-error";
import { notAlone, type NotAlone } from "@/core/briefing/study/walk-alone";
import { briefingPlan } from "@/core/briefing/study/study";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { YachtFile } from "@/core/yacht/schema";
import type { StayView } from "@/api/schemas/desk";
import { now } from "../clock";
import { currentRules } from "../db/base-rules";
import { findStay, yachtIsBack } from "../db/charters";
import { studyAnswersOf } from "../db/study";
import { findYacht } from "../db/yachts";
import { openHere } from "../handover/open-here";
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
    plan: briefingPlan(file, study, rules.drillSharePercent),
    startsAt: stay.startsAt,
    now: now(),
    isBack: await yachtIsBack(db, stay.yachtId, stay.stayId),
  });
}

/** Opens the check-in for the skipper's own walk, or joins it, with the right of this device to record on that side. */
export async function openWalkAlone(db: Queryable, charterId: string) {
  const stay = await findStay(db, { charterId });
  const yacht = stay && (await findYacht(db, { id: stay.yachtId }));
  if (!stay || !yacht) throw new AppError("no-such-charter");
  const against = await walkAloneNow(db, stay, yacht.file, await studyAnswersOf(db, stay.stayId));
  if (against.length > 0) throw new AppError("not-alone");
  return openHere(db, stay.stayId, "check-in", stay.skipperId, "skipper");
}
