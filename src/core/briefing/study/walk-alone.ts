import type { BaseRules } from "../../base/rules";
import { addHours } from "../../basics/instant";
import type { BriefingPlan } from "./study";

/** What stands against a walk without a briefer; by keys of the message catalogue. */
export type NotAlone =
  "base-rule" | "too-early" | "yacht-out" | "no-experience" | "checks-open" | "drills-open" | "far-below";

export interface AloneInput {
  rules: Pick<BaseRules, "walkAlone" | "drillsBeforeAlone">;
  plan: Pick<BriefingPlan, "questions" | "state" | "farBelow" | "drilled">;
  /** instants */
  startsAt: string;
  now: string;
  /** whether the crew before has handed the yacht back, signed */
  isBack: boolean;
}

/** Hours before the charter begins from which a yacht may be walked alone: sooner, she may still be changed or go out. */
export const aloneFromHours = 12;

/**
 * Why a skipper may not walk a yacht without a briefer; empty when nothing stands against it. The base's rule comes
 * first; then she must be here, and the study must show that this skipper can be left alone with her: experience told
 * and not far below her, every question on what is safety answered, and every drill that the base asks for
 * done alone. Nothing of this is permission to start anything that
 * the skipper does not know.
 */
export function notAlone({ rules, plan, startsAt, now, isBack }: AloneInput): NotAlone[] {
  if (!rules.walkAlone) return ["base-rule"];
  const against: NotAlone[] = [];
  if (Date.parse(now) < Date.parse(addHours(startsAt, -aloneFromHours))) against.push("too-early");
  if (!isBack) against.push("yacht-out");
  if (!plan.state.experience) against.push("no-experience");
  if (plan.questions.some((question) => !plan.state.checks.has(question.id))) against.push("checks-open");
  const needed = rules.drillsBeforeAlone ?? [];
  if (plan.drilled.some(({ drill, isAlone }) => needed.includes(drill.device) && !isAlone)) against.push("drills-open");
  if (plan.farBelow) against.push("far-below");
  return against;
}
