import "server-only";
import { now } from "../clock";
import type { Queryable } from "./pool";

/** Keeps a manual under the hash of its bytes; the same bytes again have no effect. */
export async function addManual(db: Queryable, hash: string, bytes: Uint8Array, personId: string): Promise<void> {
  await db.query(
    `insert into manual (base_id, hash, bytes, by_person, at) values (current_base(), $1, $2, $3, $4) on conflict do nothing`,
    [hash, Buffer.from(bytes), personId, now()],
  );
}

/** A manual's bytes; null where there is none of this hash. */
export async function manualBytes(db: Queryable, hash: string): Promise<Buffer | null> {
  const { rows } = await db.query<{ bytes: Buffer }>("select bytes from manual where hash = $1", [hash]);
  return rows[0]?.bytes ?? null;
}

/** Whether a manual stands in a published file of a charter's yacht, or of the yacht that a handover is about. */
export async function manualIsOf(
  db: Queryable,
  hash: string,
  of: { charterId: string } | { handoverId: string },
): Promise<boolean> {
  const yachts =
    "charterId" in of
      ? "select yacht_id from stay where charter_id = $2"
      : "select yacht_id from handover where id = $2";
  const { rowCount } = await db.query(
    `select 1 from yacht_revision r where r.yacht_id in (${yachts})
       and r.document @? format('$.equipment.*.manual ? (@ == "%s")', $1::text)::jsonpath limit 1`,
    [hash, "charterId" in of ? of.charterId : of.handoverId],
  );
  return (rowCount ?? 0) > 0;
}
