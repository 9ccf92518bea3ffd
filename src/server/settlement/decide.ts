import "server-only";
import { v7 as uuid } from "uuid";
import type { Decision } from "@/core/settlement/propose";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { settlementView } from "./view";

/** Records what somebody decided about a difference. The last decision stands; the earlier ones are kept. */
export async function decide(db: Queryable, stayId: string, differenceId: string, decision: Decision, why: string, personId: string): Promise<void> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`settle ${stayId}`]);
  const view = await settlementView(db, stayId);
  if (view.signed) throw new Refusal(409, "settled", "This charter is settled and signed. Nothing of it can be changed any more.");
  const proposal = view.proposals.find((each) => each.difference.id === differenceId);
  if (!proposal) throw new Refusal(404, "no-such-difference", "There is no such difference between the two records.", "differenceId");
  if ((decision.goodwillMinor ?? 0) > 0 && why.trim() === "") throw new Refusal(422, "goodwill-needs-reason", "A reduction as goodwill needs a reason.", "why");
  await db.query(
    `insert into charge_decision (id, base_id, stay_id, difference_id, number, decision, why, decided_by, decided_at)
     values ($1, current_base(), $2, $3, (select coalesce(max(number), 0) + 1 from charge_decision where stay_id = $2 and difference_id = $3), $4, $5, $6, $7)`,
    [uuid(), stayId, differenceId, JSON.stringify(decision), why, personId, now()],
  );
}
