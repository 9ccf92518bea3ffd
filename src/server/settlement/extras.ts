import "server-only";
import type { Extra, KeptExtra } from "@/core/settlement/extra";
import type { Queryable } from "../db/pool";

export interface ExtraRow extends KeptExtra {
  why: string;
  by: string;
}

/** What stands on a statement beside the differences, in the order it was put there. */
export async function extrasOf(db: Queryable, stayId: string): Promise<ExtraRow[]> {
  const { rows } = await db.query<{ id: string; extra: Extra | null; why: string; by: string }>(
    `select distinct on (e.id) e.id, e.extra, e.why, p.name as by from settlement_extra e join person p on p.id = e.by_person where e.stay_id = $1 order by e.id, e.number desc`,
    [stayId],
  );
  return rows.flatMap(({ extra, ...row }) => (extra ? [{ ...row, extra }] : []));
}
