import "server-only";
import type { Depth } from "@/core/briefing/depth";
import type { Queryable } from "./pool";

/** One call: a note of it with its topic, or a trouble that the base was told of. */
export interface CallOfStay {
  stayId: string;
  charterId: string;
  yachtId: string;
  yacht: string;
  yachtClass: string;
  topic: string | null;
  fault: string | null;
  at: string;
}

/** Every call of the fleet, or of one yacht, from a moment on: a trouble counts once, however often it was told. */
export async function callsSince(db: Queryable, slug: string | null, from: string): Promise<CallOfStay[]> {
  const { rows } = await db.query<CallOfStay>(
    `with told as (
       select stay_id, topic, null as fault, noted_at as at from call_note where trouble is null
       union all
       select c.stay_id, null, begun.content ->> 'fault', min((c.content ->> 'saidAt')::timestamptz)
         from boat_log c join boat_log begun on begun.base_id = c.base_id and begun.id = (c.content ->> 'trouble')::uuid
        where c.kind = 'trouble-call' group by c.stay_id, begun.id, begun.content ->> 'fault'
     )
     select told.stay_id as "stayId", s.charter_id as "charterId", y.id as "yachtId", y.name as yacht,
            r.class as "yachtClass", told.topic, told.fault, told.at
       from told join stay s on s.id = told.stay_id join yacht y on y.id = s.yacht_id
       join lateral (select document #>> '{particulars,class}' as class from yacht_revision v
                      where v.yacht_id = y.id order by v.revision desc limit 1) r on true
      where told.at >= $2 and ($1::text is null or y.slug = $1) order by told.at`,
    [slug, from],
  );
  return rows;
}

/** How many charters of the fleet, or of one yacht, were handed over from a moment on. */
export async function chartersHandedOver(db: Queryable, slug: string | null, from: string): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    `select count(distinct s.charter_id)::int as count
       from handover h join stay s on s.id = h.stay_id join yacht y on y.id = s.yacht_id
      where h.kind = 'check-in' and ($1::text is null or y.slug = $1)
        and exists (select 1 from seal e where e.handover_id = h.id and e.sealed_at >= $2)`,
    [slug, from],
  );
  return rows[0]?.count ?? 0;
}

/** How deep each stop was briefed at the check-ins of some stays; by stay. */
export async function briefedOfAll(
  db: Queryable,
  stayIds: readonly string[],
): Promise<ReadonlyMap<string, ReadonlyMap<string, Depth>>> {
  const { rows } = await db.query<{ stayId: string; stops: { id: string; depth: Depth }[] | null }>(
    `select stay_id as "stayId", list #> '{briefing,stops}' as stops from handover
      where kind = 'check-in' and stay_id = any($1)`,
    [stayIds],
  );
  return new Map(rows.map(({ stayId, stops }) => [stayId, new Map((stops ?? []).map(({ id, depth }) => [id, depth]))]));
}

/** What the crews of some charters said last in the study to have understood: `charter stop`. */
export async function understoodOfAll(db: Queryable, charterIds: readonly string[]): Promise<ReadonlySet<string>> {
  const { rows } = await db.query<{ charterId: string; topic: string }>(
    `select "charterId", topic from (
       select distinct on (charter_id, content ->> 'topic') charter_id as "charterId", content ->> 'topic' as topic,
              content ->> 'value' as value
         from study_answer where charter_id = any($1) and content ->> 'about' = 'topic'
        order by charter_id, content ->> 'topic', received_at desc
     ) last where value = 'understood'`,
    [charterIds],
  );
  return new Set(rows.map(({ charterId, topic }) => `${charterId} ${topic}`));
}
