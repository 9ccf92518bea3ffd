import "server-only";
import type { KnownFault } from "@/core/faults/known";
import type { Queryable } from "./pool";

/** Faults of some yachts that a work order lies for, with how many crews were told what to do and what was said last; by yacht. */
export async function knownFaultsOfAll(
  db: Queryable,
  yachtIds: readonly string[],
): Promise<ReadonlyMap<string, KnownFault[]>> {
  const { rows } = await db.query<KnownFault & { yachtId: string }>(
    `select d.yacht_id as "yachtId", substr(d.subject, 7) as fault, min(d.found_at) as since,
            max(told.crews)::int as crews, max(told.answer) as answer
       from defect d
       cross join lateral (select state from work_step w where w.defect_id = d.id order by number desc limit 1) w
       left join lateral (
         select count(distinct s.charter_id) as crews, (array_agg(n.words order by n.noted_at desc))[1] as answer
           from call_note n
           join boat_log begun on begun.base_id = n.base_id and begun.id = n.trouble
           join stay s on s.base_id = n.base_id and s.id = n.stay_id
          where s.yacht_id = d.yacht_id and begun.content ->> 'fault' = substr(d.subject, 7)
       ) told on true
      where d.yacht_id = any($1) and d.subject like 'fault:%' and w.state <> 'done'
      group by d.yacht_id, d.subject`,
    [yachtIds],
  );
  const known = new Map<string, KnownFault[]>();
  for (const { yachtId, ...fault } of rows) known.set(yachtId, [...(known.get(yachtId) ?? []), fault]);
  return known;
}
