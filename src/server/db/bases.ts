import type { Queryable } from "./pool";

/** What bases an installation has: any at all, the demo, one of one's own. */
export interface BasesThere {
  any: boolean;
  demo: boolean;
  own: boolean;
}

/** @param owner a connection that sees every base */
export async function basesThere(owner: Queryable): Promise<BasesThere> {
  const { rows } = await owner.query<BasesThere>(
    "select count(*) > 0 as any, coalesce(bool_or(is_demo), false) as demo, coalesce(bool_or(not is_demo), false) as own from base",
  );
  return rows[0] ?? { any: false, demo: false, own: false };
}

async function mayPutTriggersAside(owner: Queryable): Promise<boolean> {
  const { rows } = await owner.query<{ may: boolean }>(
    "select rolsuper as may from pg_roles where rolname = current_user",
  );
  return rows[0]?.may === true;
}

/**
 * Takes everything of one base away, and nothing of another: every row of every table that names the base, then the base.
 *
 * @param owner a connection, inside a transaction, that may put the tables' triggers aside (a superuser): they keep what was
 *   recorded from being deleted, which is what is wanted here
 * @returns how many rows went
 * @throws RangeError where the role may not; nothing has been touched then
 */
export async function removeBase(owner: Queryable, baseId: string): Promise<number> {
  if (!(await mayPutTriggersAside(owner))) throw new RangeError("this role may not put triggers aside");
  await owner.query("set local session_replication_role = replica");
  const { rows: tables } = await owner.query<{ name: string }>(
    `select format('%I', c.table_name) as name from information_schema.columns c
     join information_schema.tables t on t.table_schema = c.table_schema and t.table_name = c.table_name and t.table_type = 'BASE TABLE'
     where c.table_schema = 'public' and c.column_name = 'base_id' order by 1`,
  );
  let removed = 0;
  for (const { name } of tables)
    removed += (await owner.query(`delete from ${name} where base_id = $1`, [baseId])).rowCount ?? 0;
  return removed + ((await owner.query("delete from base where id = $1", [baseId])).rowCount ?? 0);
}

/** The demo's bases. */
export async function demoBases(owner: Queryable): Promise<{ id: string; name: string }[]> {
  return (await owner.query<{ id: string; name: string }>("select id, name from base where is_demo")).rows;
}
