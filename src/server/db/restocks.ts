import "server-only";
import { v7 as uuid } from "uuid";
import type { Queryable } from "./pool";

/** How many pieces were put aboard a yacht since a moment, by line. */
export async function putAboardSince(db: Queryable, yachtId: string, since: string): Promise<Map<string, number>> {
  const { rows } = await db.query<{ line: string; pieces: number }>(
    "select line, sum(pieces)::int as pieces from restock where yacht_id = $1 and noted_at >= $2 group by line",
    [yachtId, since],
  );
  return new Map(rows.map(({ line, pieces }) => [line, pieces]));
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
