import "server-only";
import { takeTurnsOnStatement } from "../db/locks";
import { addDecision } from "../db/settlements";
import { dayIn } from "@/core/basics/instant";
import type { Decision } from "@/core/settlement/propose";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import { settlementView } from "./view";

/**
 * Records what somebody decided about a difference. The last decision stands; the earlier ones are kept.
 *
 * @param isManager whether the base manager decides, who alone can speak of gross negligence
 * @throws AppError for what was reported before: the base's own fault is charged to nobody
 */
export async function decide(
  db: Queryable,
  stayId: string,
  differenceId: string,
  decision: Decision,
  why: string,
  personId: string,
  isManager = false,
): Promise<void> {
  await takeTurnsOnStatement(db, stayId);
  const view = await settlementView(db, stayId);
  if (view.signed) throw new AppError("settled");
  const proposal = view.proposals.find((each) => each.difference.id === differenceId);
  if (!proposal) throw new AppError("no-such-difference", {}, "differenceId");
  if ((decision.goodwillMinor ?? 0) > 0 && why.trim() === "") throw new AppError("goodwill-needs-reason", {}, "why");
  if (decision.grossNegligence && !isManager)
    throw new AppError("not-yours", { action: "say-gross-negligence" }, "grossNegligence");
  if (decision.grossNegligence && why.trim() === "") throw new AppError("negligence-needs-reason", {}, "why");
  if ((decision.estimateLowMinor ?? 0) > (decision.estimateMinor ?? 0))
    throw new AppError("range-turned", {}, "estimateLowMinor");
  const prior = view.priors[differenceId];
  if (prior && decision.charge && (decision.cause === "charterer" || decision.cause === "unclear")) {
    throw new AppError(
      "reported-before",
      { charter: prior.charter ?? "none", day: dayIn(prior.at, view.base.timeZone), words: prior.words },
      "cause",
    );
  }
  await addDecision(db, stayId, differenceId, decision, why, personId, now());
}
