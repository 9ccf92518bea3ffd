import "server-only";
import type { AccessBrief } from "@/api/schemas/desk";
import type { Queryable } from "./pool";

/** Devices that record for a charter and browsers on which its boat book is open, the newest first. */
export async function accessOf(db: Queryable, charterId: string): Promise<AccessBrief[]> {
  const { rows } = await db.query<AccessBrief>(
    `select g.id, 'device' as kind, p.name, g.side, h.kind as handover, g.created_at as since
     from device_grant g join handover h on h.id = g.handover_id join stay s on s.id = h.stay_id join person p on p.id = g.person_id
     where s.charter_id = $1 and g.revoked_at is null
     union all
     select x.id, 'book', null, 'skipper', null, x.created_at from session x where x.charter_id = $1 and x.revoked_at is null and x.expires_at > now()
     order by since desc, id`,
    [charterId],
  );
  return rows;
}

/** Ends one of them; false where it is not of this charter or has ended already. */
export async function endAccess(
  db: Queryable,
  charterId: string,
  { kind, id }: Pick<AccessBrief, "kind" | "id">,
  at: string,
): Promise<boolean> {
  const { rowCount } = await db.query(
    kind === "book"
      ? "update session set revoked_at = $3 where id = $2 and charter_id = $1 and revoked_at is null"
      : `update device_grant g set revoked_at = $3 where g.id = $2 and g.revoked_at is null
           and exists (select 1 from handover h join stay s on s.id = h.stay_id where h.id = g.handover_id and s.charter_id = $1)`,
    [charterId, id, at],
  );
  return (rowCount ?? 0) > 0;
}
