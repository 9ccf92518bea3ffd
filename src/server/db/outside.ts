import "server-only";
import type { OutsideCharter } from "@/api/schemas/outside";
import type { Queryable } from "./pool";

const signed = (kind: string) =>
  `exists (select 1 from handover h join standing_seal l on l.handover_id = h.id where h.stay_id = s.id and h.kind = '${kind}')`;
const person = (as: string) =>
  `json_build_object('name', ${as}.name, 'email', coalesce(${as}.email, ''), 'phone', coalesce(${as}.phone, ''))`;

const outsideCharter = `
  select s.id, stay_reference(c.reference, s.part) as reference, y.slug as yacht, s.starts_at as "startsAt", s.ends_at as "endsAt", s.aboard, c.language,
    case when s.called_off is not null then s.called_off when exists (select 1 from settlement t where t.stay_id = s.id) then 'settled'
      when ${signed("check-out")} then 'back' when ${signed("check-in")} then 'out' else 'to-come' end as state,
    coalesce((select max(x.number) from charter_change x where x.charter_id = c.id), 0) as changes,
    ${person("m")} as charterer, ${person("k")} as skipper
  from stay s join charter c on c.id = s.charter_id join yacht y on y.id = s.yacht_id
  join person m on m.id = c.charterer_id join person k on k.id = c.skipper_id`;

/** A charter with its people, and the id of its stay. */
export type FoundCharter = Required<OutsideCharter> & { id: string };

/** A page of charters in the order they begin, from after a stay on. */
export async function outsideCharters(
  db: Queryable,
  { from, to, after, limit }: { from: string; to: string | null; after: string | null; limit: number },
): Promise<FoundCharter[]> {
  const { rows } = await db.query<FoundCharter>(
    `${outsideCharter} where s.ends_at >= $1 and ($2::timestamptz is null or s.starts_at < $2)
       and ($3::uuid is null or (s.starts_at, s.id) > (select a.starts_at, a.id from stay a where a.id = $3))
     order by s.starts_at, s.id limit $4`,
    [from, to, after, limit],
  );
  return rows;
}

/** One charter by the id of its stay. */
export async function outsideCharterOf(db: Queryable, stayId: string): Promise<FoundCharter | null> {
  return (await db.query<FoundCharter>(`${outsideCharter} where s.id = $1`, [stayId])).rows[0] ?? null;
}
