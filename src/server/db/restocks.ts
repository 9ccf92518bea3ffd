import "server-only";
import { v7 as uuid } from "uuid";
import type { Queryable } from "./pool";

/** How many pieces were put aboard yachts, each since a moment of its own; by yacht and line. */
export async function putAboardSince(
  db: Queryable,
  since: readonly { yachtId: string; sealedAt: string }[],
): Promise<ReadonlyMap<string, Map<string, number>>> {
  const { rows } = await db.query<{ yachtId: string; line: string; pieces: number }>(
    `select r.yacht_id as "yachtId", r.line, sum(r.pieces)::int as pieces
     from restock r join unnest($1::uuid[], $2::timestamptz[]) as l(yacht_id, since) on l.yacht_id = r.yacht_id
     where r.noted_at >= l.since group by r.yacht_id, r.line`,
    [since.map(({ yachtId }) => yachtId), since.map(({ sealedAt }) => sealedAt)],
  );
  const pieces = new Map<string, Map<string, number>>(since.map(({ yachtId }) => [yachtId, new Map()]));
  for (const row of rows) pieces.get(row.yachtId)?.set(row.line, row.pieces);
  return pieces;
}

/** Notes pieces that were put aboard. */
export async function addRestock(
  db: Queryable,
  yachtId: string,
  line: string,
  pieces: number,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into restock (id, base_id, yacht_id, line, pieces, noted_by, noted_at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [uuid(), yachtId, line, pieces, personId, at],
  );
}
