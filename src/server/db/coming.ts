import "server-only";
import type { Instant } from "@/core/basics/instant";
import type { Queryable } from "./pool";

/** What is known of the people of a stay before they come. */
export interface ComingRow {
  stayId: string;
  linkAt: Instant | null;
  openedAt: Instant | null;
  crew: number;
  extras: number;
  arrivesAt: Instant | null;
  papersSeen: boolean;
  onNumber: number;
}

/** What is known of the people of some stays, by stay. */
export async function comingOf(db: Queryable, stayIds: readonly string[]): Promise<ReadonlyMap<string, ComingRow>> {
  const { rows } = await db.query<ComingRow>(
    `select s.id as "stayId",
       greatest((select max(m.at) from outbox_message m where m.base_id = s.base_id and m.stay_id = s.id and m.kind = 'book-link'),
         (select max(k.created_at) from charter_link k where k.charter_id = s.charter_id)) as "linkAt",
       (select min(o.created_at) from session o where o.charter_id = s.charter_id) as "openedAt",
       coalesce((select jsonb_array_length(l.crew) from crew_list l where l.stay_id = s.id order by l.number desc limit 1), 0) as crew,
       coalesce((select jsonb_array_length(h.hired) from hired_extras h where h.charter_id = s.charter_id order by h.number desc limit 1), 0) as extras,
       c.arrives_at as "arrivesAt", coalesce(c.papers_seen, false) as "papersSeen", coalesce(c.number, 0) as "onNumber"
     from stay s left join lateral (select * from charter_coming x where x.base_id = s.base_id and x.charter_id = s.charter_id order by x.number desc limit 1) c on true
     where s.id = any($1)`,
    [stayIds],
  );
  return new Map(rows.map((row) => [row.stayId, row]));
}

/** Keeps what was noted of a charter's guests. Returns false where somebody noted something in between. */
export async function addComing(
  db: Queryable,
  charterId: string,
  noted: { onNumber: number; arrivesAt: Instant | null; papersSeen: boolean; by: string; at: Instant },
): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into charter_coming (base_id, charter_id, number, arrives_at, papers_seen, by_person, at)
     select current_base(), $1, $2, $3, $4, $5, $6
     where coalesce((select max(number) from charter_coming where charter_id = $1), 0) = $2 - 1 on conflict do nothing`,
    [charterId, noted.onNumber + 1, noted.arrivesAt, noted.papersSeen, noted.by, noted.at],
  );
  return rowCount === 1;
}
