import "server-only";
import { briefingPlan, walkMinutes, type BriefingPlan } from "@/core/briefing/study/study";
import { fileChanges, type FileChange } from "@/core/yacht/changes";
import type { YachtFile } from "@/core/yacht/schema";
import type { CallView, StayView } from "@/api/schemas/desk";
import type { LeavingBerth } from "@/api/schemas/leaving";
import { leavingOf } from "../area/leaving";
import { currentRules } from "../db/base-rules";
import { callsOf, callsOfLastStay } from "../db/calls";
import { lastBriefed } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { studyAnswersOf } from "../db/study";
import { findYacht, yachtFileAt } from "../db/yachts";
import { AppError } from "@/api/app-error";

/** What a briefer reads before the walk: what changed on her, what is odd, what this crew got wrong or asks, what the last one called about. */
export interface BriefingSheet {
  stay: StayView;
  file: YachtFile;
  revision: number;
  /** since this person last briefed her; null for never */
  since: { revision: number; at: string; changes: FileChange[] } | null;
  plan: BriefingPlan;
  minutes: number;
  studied: boolean;
  lastCalls: CallView[];
  calls: CallView[];
  /** how she leaves her berth; null where the base tells nothing of it */
  leaving: LeavingBerth | null;
}

/** Reckons the briefing sheet of a stay. */
export async function briefingSheet(db: Queryable, stay: StayView, personId: string): Promise<BriefingSheet> {
  const yacht = await findYacht(db, { id: stay.yachtId });
  if (!yacht) throw new AppError("no-yacht-file");
  const answers = await studyAnswersOf(db, stay.stayId);
  const { rules } = await currentRules(db);
  const plan = briefingPlan(yacht.file, answers, rules.drillSharePercent);
  const last = await lastBriefed(db, stay.yachtId, personId, stay.stayId);
  const before = last ? await yachtFileAt(db, stay.yachtId, last.revision) : null;
  return {
    stay,
    file: yacht.file,
    revision: yacht.revision,
    plan,
    studied: answers.length > 0,
    since: last && before ? { ...last, changes: fileChanges(before, yacht.file) } : null,
    minutes: walkMinutes(yacht.file, plan.minutes),
    lastCalls: await callsOfLastStay(db, stay.yachtId, stay.startsAt),
    calls: await callsOf(db, stay.stayId),
    leaving: await leavingOf(db, stay, yacht.file),
  };
}
