import type { Queryable } from "./pool";

/** PostgreSQL's version, as it says it itself. */
export async function serverVersion(db: Queryable): Promise<string> {
  const { rows } = await db.query<{ version: string }>("select current_setting('server_version') as version");
  return rows[0]?.version ?? "";
}

/** When the base last received something that was recorded; null where nothing ever was. */
export async function lastReceived(owner: Queryable): Promise<string | null> {
  const { rows } = await owner.query<{ last: Date | string | null }>("select max(received_at) as last from entry");
  return rows[0]?.last ? new Date(rows[0].last).toISOString() : null;
}

/** The migrations that the database has run. */
export async function migrationsRun(owner: Queryable): Promise<string[]> {
  return (await owner.query<{ name: string }>("select name from schema_migration order by name")).rows.map(
    ({ name }) => name,
  );
}

/**
 * What would be lost if this database were begun anew: nothing, a base, or what another program keeps in it.
 */
export async function whatIsThere(owner: Queryable): Promise<"nothing" | "base" | "another"> {
  const { rows } = await owner.query<{ ours: boolean; tables: number }>(
    `select to_regclass('public.schema_migration') is not null and to_regclass('public.base') is not null as ours,
       (select count(*)::int from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'v', 'm', 'p', 'f')) as tables`,
  );
  const { ours = false, tables = 0 } = rows[0] ?? {};
  if (!ours) return tables === 0 ? "nothing" : "another";
  return (await owner.query("select 1 from base limit 1")).rows.length === 0 ? "nothing" : "base";
}

/** Takes everything out of the database's schema, which is left as PostgreSQL makes it: without it our functions' owner could not look into it. */
export async function emptySchema(owner: Queryable): Promise<void> {
  await owner.query("drop schema public cascade");
  await owner.query("create schema public authorization pg_database_owner");
  await owner.query("grant usage on schema public to public");
}
