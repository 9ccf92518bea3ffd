import "server-only";
import type { DrillRunKept } from "@/core/briefing/drilled/run";
import type { Queryable } from "./pool";

/** One run of a drill with whose and on which yacht it was. */
export interface RunOfCharter {
  charterId: string;
  yacht: string;
  yachtClass: string;
  run: DrillRunKept;
}

/** Every run of a drill for the fleet, or for one yacht, from a moment on. */
export async function runsSince(db: Queryable, slug: string | null, from: string): Promise<RunOfCharter[]> {
  const { rows } = await db.query<RunOfCharter>(
    `select a.charter_id as "charterId", y.name as yacht, r.class as "yachtClass", a.content as run
       from study_answer a join yacht y on y.id = a.yacht_id
       join lateral (select document #>> '{particulars,class}' as class from yacht_revision v
                      where v.yacht_id = y.id order by v.revision desc limit 1) r on true
      where a.content ->> 'about' = 'drill' and a.received_at >= $2 and ($1::text is null or y.slug = $1)
      order by a.received_at, a.id`,
    [slug, from],
  );
  return rows;
}
