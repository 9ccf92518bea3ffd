import "server-only";
import type { Queryable } from "./pool";

/** A line of a signed statement, with what was charged for it. */
export interface ChargedRow {
  yacht: string;
  id: string;
  kind: "missing" | "damage" | "fuel" | "service";
  pieces: number | null;
  chargedMinor: string;
}

/** What stood on signed statements of the fleet, or of one yacht, from a moment on. */
export async function chargedSince(db: Queryable, slug: string | null, from: string): Promise<ChargedRow[]> {
  const { rows } = await db.query<ChargedRow>(
    `select y.name as yacht, l ->> 'id' as id, l ->> 'kind' as kind, (l ->> 'count')::int as pieces, o ->> 'chargedMinor' as "chargedMinor"
     from settlement t join stay s on s.id = t.stay_id join yacht y on y.id = s.yacht_id, jsonb_array_elements(t.input -> 'lines') l, jsonb_array_elements(t.output -> 'lines') o
     where o ->> 'id' = l ->> 'id' and ($1::text is null or y.slug = $1) and t.sealed_at >= $2 order by t.sealed_at, id`,
    [slug, from],
  );
  return rows;
}

/** Defects of the fleet, or of one yacht, from a moment on, with the minutes that were worked on them. */
export async function defectsSince(
  db: Queryable,
  slug: string | null,
  from: string,
): Promise<{ yacht: string; subject: string; title: string; minutes: number }[]> {
  const { rows } = await db.query<{ yacht: string; subject: string; title: string; minutes: number }>(
    `select y.name as yacht, d.subject, d.title, coalesce((select sum(minutes) from work_step w where w.defect_id = d.id), 0)::int as minutes
     from defect d join yacht y on y.id = d.yacht_id where ($1::text is null or y.slug = $1) and d.found_at >= $2 order by d.found_at, d.id`,
    [slug, from],
  );
  return rows;
}
