import "server-only";
import { v7 as uuid } from "uuid";
import type { Queryable } from "./pool";

/** How a mark on a yacht's leaving was taken off: what stood against it is put right, or a manager let her go. */
export type Lifted = "cured" | "overridden";

/** Takes the mark off a yacht that was signed over while not cleared. */
export async function addClearanceLift(
  db: Queryable,
  lift: { handoverId: string; how: Lifted; why: string; personId: string; at: string },
): Promise<void> {
  await db.query(
    "insert into clearance_lift (id, base_id, handover_id, how, why, lifted_by, lifted_at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [uuid(), lift.handoverId, lift.how, lift.why, lift.personId, lift.at],
  );
}

/** Whether the mark on a handover's leaving was taken off. */
export async function isLifted(db: Queryable, handoverId: string): Promise<boolean> {
  return ((await db.query("select 1 from clearance_lift where handover_id = $1", [handoverId])).rowCount ?? 0) > 0;
}
