import "server-only";
import type { Deed } from "@/core/log/deed";
import type { Queryable } from "./pool";

/** Of whom or of what the log is wanted, and from when until when. */
export interface DeedFilter {
  /** a charter by its reference, a yacht by her short name, somebody of the base who did it or whom it concerns */
  charter?: string | undefined;
  yacht?: string | undefined;
  person?: string | undefined;
  /** from this instant on, and before that one */
  from?: string | undefined;
  until?: string | undefined;
}

/**
 * The log of what was done, newest first.
 *
 * @param before the number of a deed: those that came before it; newest of all without it
 */
export async function deedsOf(
  db: Queryable,
  { charter, yacht, person, from, until }: DeedFilter,
  { before, most }: { before?: number | undefined; most: number },
): Promise<Deed[]> {
  const { rows } = await db.query<Deed>(
    `select d.id, d.at, d.request, d.action, d.by_kind as kind, by.name as by, d.device, d.subject,
       c.reference as charter, y.name as yacht, ofp.name as of, d.was, d.became
     from deed d
     left join person by on by.base_id = d.base_id and by.id = d.by_person and by.erased_at is null
     left join person ofp on ofp.base_id = d.base_id and ofp.id = d.of_person and ofp.erased_at is null
     left join charter c on c.base_id = d.base_id and c.id = d.charter_id
     left join yacht y on y.base_id = d.base_id and y.id = d.yacht_id
     where ($1::text is null or d.charter_id = (select id from charter where reference = $1))
       and ($2::text is null or d.yacht_id = (select id from yacht where slug = $2))
       and ($3::uuid is null or d.by_person = $3 or d.of_person = $3)
       and ($4::timestamptz is null or d.at >= $4) and ($5::timestamptz is null or d.at < $5)
       and ($6::bigint is null or d.id < $6)
     order by d.id desc limit $7`,
    [charter ?? null, yacht ?? null, person ?? null, from ?? null, until ?? null, before ?? null, most],
  );
  return rows;
}
