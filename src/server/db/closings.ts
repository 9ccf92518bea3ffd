import "server-only";
import type { ClosingView } from "@/api/schemas/charters";
import type { Instant } from "@/core/basics/instant";
import type { ClosingKind } from "@/core/charters/closing";
import type { Queryable } from "./pool";

const columns = `c.id, y.slug as yacht, c.kind, c.starts_at as "startsAt", c.ends_at as "endsAt", c.words, p.name as by
  from yacht_closing c join yacht y on y.id = c.yacht_id join person p on p.base_id = c.base_id and p.id = c.by_person`;

/** Times between two instants in which yachts are nobody's to promise, soonest first. */
export async function closingsBetween(db: Queryable, from: Instant, to: Instant): Promise<ClosingView[]> {
  const { rows } = await db.query<ClosingView>(
    `select ${columns} where c.taken_off_at is null and tstzrange(c.starts_at, c.ends_at) && tstzrange($1, $2) order by c.starts_at, c.id`,
    [from, to],
  );
  return rows;
}

/** The first time within another in which a yacht is nobody's to promise; null where there is none. */
export async function closedIn(
  db: Queryable,
  { yachtId, startsAt, endsAt }: { yachtId: string; startsAt: Instant; endsAt: Instant },
): Promise<ClosingView | null> {
  const { rows } = await db.query<ClosingView>(
    `select ${columns} where c.yacht_id = $1 and c.taken_off_at is null and tstzrange(c.starts_at, c.ends_at) && tstzrange($2, $3)
     order by c.starts_at limit 1`,
    [yachtId, startsAt, endsAt],
  );
  return rows[0] ?? null;
}

/** Keeps a time in which a yacht is nobody's to promise. */
export async function addClosing(
  db: Queryable,
  closing: {
    id: string;
    yachtId: string;
    kind: ClosingKind;
    startsAt: Instant;
    endsAt: Instant;
    words: string;
    by: string;
    at: Instant;
  },
): Promise<void> {
  await db.query(
    `insert into yacht_closing (id, base_id, yacht_id, kind, starts_at, ends_at, words, by_person, at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8)`,
    [
      closing.id,
      closing.yachtId,
      closing.kind,
      closing.startsAt,
      closing.endsAt,
      closing.words,
      closing.by,
      closing.at,
    ],
  );
}

/** Takes a closing off again. Returns false where there is none of this id, or it is off already. */
export async function takeOffClosing(db: Queryable, id: string, at: Instant): Promise<boolean> {
  const { rowCount } = await db.query(
    "update yacht_closing set taken_off_at = $2 where id = $1 and taken_off_at is null",
    [id, at],
  );
  return rowCount === 1;
}
