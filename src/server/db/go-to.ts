import "server-only";
import type { GoTo } from "@/api/schemas/go-to";
import type { Queryable } from "./pool";

/** A word as it is looked for within others: what the pattern itself uses is taken as it stands. */
const within = (find: string) => `%${find.replaceAll(/[\\%_]/g, String.raw`\$&`)}%`;

/** Where each kind is shown at the desk. */
const pages: Readonly<Record<GoTo["kind"], string>> = {
  yacht: "/fleet/",
  charter: "/charters/",
  work: "/work?find=",
  place: "/fleet/",
};

/** Yachts, charters by number or people, work and places that have some letters in their names; the likeliest first. */
export async function goTo(db: Queryable, find: string): Promise<GoTo[]> {
  const { rows } = await db.query<Omit<GoTo, "href"> & { key: string }>(
    `select kind, title, detail, key from (
       (select 1 as rank, 'yacht' as kind, y.name as title, y.berth as detail, y.slug as key, y.name as by
        from yacht y where y.name ilike $1 or y.slug ilike $1 or y.code ilike $1)
       union all
       (select 2, 'charter', stay_reference(c.reference, s.part), y.name || ', ' || k.name, stay_reference(c.reference, s.part), s.starts_at::text
        from charter c join stay s on s.charter_id = c.id join yacht y on y.id = s.yacht_id
          join person k on k.id = c.skipper_id join person h on h.id = c.charterer_id
        where c.reference ilike $1 or k.name ilike $1 or h.name ilike $1 order by s.starts_at desc limit 6)
       union all
       (select 3, 'work', d.title, y.name || ': ' || d.words, d.title, d.found_at::text
        from defect d join yacht y on y.id = d.yacht_id
        where (d.title ilike $1 or d.words ilike $1)
          and (select state from work_step w where w.defect_id = d.id order by number desc limit 1) = 'ordered'
        order by d.found_at desc limit 6)
       union all
       (select 4, 'place', place.value -> 'name' ->> 'en', y.name, y.slug, y.name
        from yacht y join lateral (select document from yacht_revision r where r.yacht_id = y.id order by revision desc limit 1) r on true
          cross join lateral jsonb_each(r.document -> 'places') place
        where place.value -> 'name' ->> 'en' ilike $1 order by y.name limit 6)
     ) found order by rank, by, title limit 14`,
    [within(find)],
  );
  return rows.map(({ key, ...found }) => ({ ...found, href: `${pages[found.kind]}${encodeURIComponent(key)}` }));
}
