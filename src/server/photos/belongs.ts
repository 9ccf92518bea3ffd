import "server-only";
import type { Queryable } from "../db/pool";

/** Whether a photo is evidence in a charter's handovers: taken there, or standing on its list from before. */
export async function photoBelongsToCharter(db: Queryable, hash: string, charterId: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `select 1 from handover h join stay s on s.id = h.stay_id where s.charter_id = $2
       and (exists (select 1 from photo p where p.handover_id = h.id and p.hash = $1)
         or h.list @? format('$.lines[*].photos[*] ? (@ == "%s")', $1::text)::jsonpath) limit 1`,
    [hash, charterId],
  );
  return (rowCount ?? 0) > 0;
}
