import "server-only";
import { v7 as uuid } from "uuid";
import { dayIn } from "@/core/basics/instant";
import type { Decision } from "@/core/settlement/propose";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { settlementView } from "./view";

/**
 * Records what somebody decided about a difference. The last decision stands; the earlier ones are kept.
 *
 * @param isManager whether the base manager decides, who alone can speak of gross negligence
 * @throws Refusal for what was reported before: the base's own fault is charged to nobody
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
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`settle ${stayId}`]);
  const view = await settlementView(db, stayId);
  if (view.signed)
    throw new Refusal(409, "settled", "This charter is settled and signed. Nothing of it can be changed any more.");
  const proposal = view.proposals.find((each) => each.difference.id === differenceId);
  if (!proposal)
    throw new Refusal(
      404,
      "no-such-difference",
      "There is no such difference between the two records.",
      "differenceId",
    );
  if ((decision.goodwillMinor ?? 0) > 0 && why.trim() === "")
    throw new Refusal(422, "goodwill-needs-reason", "A reduction as goodwill needs a reason.", "why");
  if (decision.grossNegligence && !isManager)
    throw new Refusal(
      403,
      "not-yours",
      "Whether it was gross negligence is decided by the base manager, with a reason.",
      "grossNegligence",
    );
  if (decision.grossNegligence && why.trim() === "")
    throw new Refusal(422, "negligence-needs-reason", "Gross negligence takes the cap off: write down why.", "why");
  if ((decision.estimateLowMinor ?? 0) > (decision.estimateMinor ?? 0))
    throw new Refusal(422, "range-turned", "The lower end of the estimate is above its upper end.", "estimateLowMinor");
  const prior = view.priors[differenceId];
  if (prior && decision.charge && (decision.cause === "charterer" || decision.cause === "unclear")) {
    throw new Refusal(
      409,
      "reported-before",
      `This was reported before she was handed over${prior.charter === null ? " (the base's own log)" : ` (${prior.charter})`}, ${dayIn(prior.at, view.base.timeZone)}: “${prior.words}”. It is the base's and cannot be charged.`,
      "cause",
    );
  }
  await db.query(
    `insert into charge_decision (id, base_id, stay_id, difference_id, number, decision, why, decided_by, decided_at)
     values ($1, current_base(), $2, $3, (select coalesce(max(number), 0) + 1 from charge_decision where stay_id = $2 and difference_id = $3), $4, $5, $6, $7)`,
    [uuid(), stayId, differenceId, JSON.stringify(decision), why, personId, now()],
  );
}
