import "server-only";
import { v7 as uuid } from "uuid";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";

/**
 * Settles which of two whole seals of one handover stands; both are kept.
 *
 * @throws Refusal for a seal that is not of this handover, or once a check-out goes back to the one that stands
 */
export async function chooseSeal(
  db: Queryable,
  handoverId: string,
  seal: string,
  why: string,
  personId: string,
): Promise<void> {
  await db.query("select 1 from handover where id = $1 for update", [handoverId]);
  const { rows } = await db.query<{ id: string }>("select id from seal where handover_id = $1 and seal = $2", [
    handoverId,
    seal,
  ]);
  if (!rows[0]) throw new Refusal(404, "no-such-seal", "No signed record of this handover has this seal.", "seal");
  const { rowCount } = await db.query("select 1 from handover where check_in_id = $1", [handoverId]);
  if (rowCount)
    throw new Refusal(
      409,
      "check-out-begun",
      "The check-out has been opened on the record that stands. What speaks against it belongs to the settlement now.",
    );
  await db.query(
    "insert into seal_choice (id, base_id, handover_id, seal_id, why, chosen_by, chosen_at, number) values ($1, current_base(), $2, $3, $4, $5, $6, (select count(*) + 1 from seal_choice where handover_id = $2))",
    [uuid(), handoverId, rows[0].id, why, personId, now()],
  );
}
