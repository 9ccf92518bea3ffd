import "server-only";
import type { Area } from "@/core/area/area";
import type { Queryable } from "./pool";

/** The waters of the base as they were told last, who told them and when; null before the first time. */
export async function currentArea(
  db: Queryable,
): Promise<{ number: number; area: Area; by: string; at: string } | null> {
  const { rows } = await db.query<{ number: number; area: Area; by: string; at: string }>(
    `select a.number, a.area, p.name as by, a.at
     from area a join person p on p.base_id = a.base_id and p.id = a.by_person
     order by a.number desc limit 1`,
  );
  return rows[0] ?? null;
}

/** Keeps an area on top of the one with a number. Returns false when another came in between; nothing is written then. */
export async function addArea(
  db: Queryable,
  onNumber: number,
  area: Area,
  personId: string,
  at: string,
): Promise<boolean> {
  const { rowCount } = await db.query(
    "insert into area (base_id, number, area, by_person, at) values (current_base(), $1, $2, $3, $4) on conflict do nothing",
    [onNumber + 1, JSON.stringify(area), personId, at],
  );
  return rowCount === 1;
}
