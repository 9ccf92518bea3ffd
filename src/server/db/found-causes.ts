import "server-only";
import type { FoundCounts, Learned } from "@/core/faults/learn";
import type { Queryable } from "./pool";

/** What was found of each kind of fault on a yacht, her sisters and the base's other yachts; by kind. */
export async function foundCauses(db: Queryable, yachtId: string): Promise<ReadonlyMap<string, Learned>> {
  const { rows } = await db.query<{ kind: string; level: keyof Learned; found: string | null; count: number }>(
    `with of_class as (
       select distinct on (r.yacht_id) r.yacht_id, c.slug
         from yacht_revision r join yacht_class c on c.base_id = r.base_id and c.id = r.class_id
        order by r.yacht_id, r.revision desc
     )
     select split_part(begun.content ->> 'fault', '.', 1) as kind,
            case when s.yacht_id = $1 then 'yacht' when hers.slug = mine.slug then 'sisters' else 'others' end as level,
            ended.content ->> 'found' as found, count(*)::int as count
       from boat_log ended
       join boat_log begun on begun.base_id = ended.base_id and begun.id = (ended.content ->> 'trouble')::uuid
       join stay s on s.base_id = ended.base_id and s.id = ended.stay_id
       join of_class hers on hers.yacht_id = s.yacht_id
       join of_class mine on mine.yacht_id = $1
      where ended.kind = 'trouble-end' and begun.kind = 'trouble'
      group by 1, 2, 3`,
    [yachtId],
  );
  const found = new Map<string, Record<keyof Learned, { ended: number; found: Record<string, number> }>>();
  for (const { kind, level, found: check, count } of rows) {
    const of = found.get(kind) ?? { yacht: none(), sisters: none(), others: none() };
    of[level].ended += count;
    if (check !== null) of[level].found[check] = (of[level].found[check] ?? 0) + count;
    found.set(kind, of);
  }
  return found;
}

const none = (): FoundCounts & { found: Record<string, number> } => ({ ended: 0, found: {} });
