import type { Queryable } from "./pool";

/**
 * How many photos there are, and how many whose hash stands nowhere else in the database. Reads every text and document
 * once.
 *
 * @param owner a connection that sees every base
 */
export async function orphanedPhotos(owner: Queryable): Promise<{ all: number; orphaned: number }> {
  const { rows: columns } = await owner.query<{ table: string; column: string }>(
    `select format('%I', c.table_name) as table, format('%I', c.column_name) as column
     from information_schema.columns c
     join information_schema.tables t on t.table_schema = c.table_schema and t.table_name = c.table_name and t.table_type = 'BASE TABLE'
     where c.table_schema = 'public' and c.table_name <> 'photo' and c.data_type in ('json', 'jsonb', 'text', 'character', 'ARRAY')`,
  );
  const named = columns
    .map(
      ({ table, column }) => `select (regexp_matches(${column}::text, '[0-9a-f]{64}', 'g'))[1] as hash from ${table}`,
    )
    .join(" union ");
  const { rows } = await owner.query<{ all: number; orphaned: number }>(
    `with named as materialized (${named}) select count(*)::int as all, (count(*) filter (where not exists (select 1 from named n where n.hash = p.hash)))::int as orphaned from photo p`,
  );
  return rows[0] ?? { all: 0, orphaned: 0 };
}
