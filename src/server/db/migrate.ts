import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { runMigrations } from "graphile-worker";
import pg from "pg";

export interface Migrated {
  applied: string[];
  appUrl: string;
}

/**
 * Brings a database up to date and gives the application its own role, which owns nothing.
 * Each migration runs once in a transaction; one that was changed after it ran is an error.
 *
 * @param ownerUrl address of the database as the owner of the tables
 * @param appPassword password of the application's role
 */
export async function migrate(
  ownerUrl: string,
  appPassword: string,
  folder = "src/server/db/migrations",
): Promise<Migrated> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    // two starts at once take turns
    await client.query("select pg_advisory_lock(4310)");
    const appRole = await makeAppRole(client, appPassword);
    // the tables of the job queue are its own package's; ours put jobs in
    await runMigrations({ connectionString: ownerUrl });
    await client.query(
      "create table if not exists schema_migration (name text primary key, checksum text not null, applied_at timestamptz not null default now())",
    );
    const done = new Map(
      (await client.query<{ name: string; checksum: string }>("select name, checksum from schema_migration")).rows.map(
        (row) => [row.name, row.checksum],
      ),
    );
    const applied: string[] = [];
    const ours = readdirSync(folder)
      .filter((file) => file.endsWith(".sql"))
      .sort();
    const [newer] = [...done.keys()].filter((name) => !ours.includes(name));
    if (newer !== undefined)
      throw new Error(
        `This data was written by a newer Brinecove, with ${newer}. Start that one again, or put the backup back that was made before it.`,
      );
    for (const name of ours) {
      const text = readFileSync(join(folder, name), "utf8");
      const checksum = createHash("sha256").update(text).digest("hex");
      const before = done.get(name);
      if (before === checksum) continue;
      if (before !== undefined)
        throw new Error(`The migration ${name} was changed after it had run. Put it back and write a new one.`);
      await client.query("begin");
      try {
        await client.query(text.replaceAll(":app_role", client.escapeIdentifier(appRole)));
        await client.query("insert into schema_migration (name, checksum) values ($1, $2)", [name, checksum]);
        await client.query("commit");
      } catch (error) {
        await client.query("rollback");
        throw new Error(
          `The migration ${name} failed and was taken back whole: ${(error as Error).message}. What was recorded is as it was before: go on with the Brinecove that ran until now, and report this line.`,
        );
      }
      applied.push(name);
    }
    await closeDoors(client);
    const url = new URL(ownerUrl);
    url.username = appRole;
    url.password = appPassword;
    return { applied, appUrl: url.href };
  } finally {
    await client.end();
  }
}

/**
 * Gives everything in the schema to a role that is no superuser and cannot sign in, so that a function that runs with its
 * owner's rights can do no more than the schema holds, and lets nobody make temporary things that could stand in for ours.
 * An address whose user is no superuser is such an owner itself.
 */
async function closeDoors(client: pg.Client): Promise<void> {
  const { rows } = await client.query<{ name: string; owner: string; isSuper: boolean; isThere: boolean }>(
    `select current_database() as name, current_database() || '_owner' as owner,
       (select rolsuper from pg_roles where rolname = current_user) as "isSuper",
       exists (select 1 from pg_roles where rolname = current_database() || '_owner') as "isThere"`,
  );
  const { name = "", owner = "", isSuper = false, isThere = false } = rows[0] ?? {};
  await client.query(`revoke temporary on database ${client.escapeIdentifier(name)} from public`);
  if (!isSuper) return;
  const role = client.escapeIdentifier(owner);
  await client.query(
    `${isThere ? "alter" : "create"} role ${role} nologin nosuperuser nocreatedb nocreaterole nobypassrls`,
  );
  const { rows: ours } = await client.query<{ change: string }>(
    `select format('alter schema %I owner to %I', n.nspname, $1::text) as change from pg_namespace n
       where n.nspname = 'graphile_worker' and pg_get_userbyid(n.nspowner) <> $1
     union all
     select format('alter table %s owner to %I', c.oid::regclass, $1::text) from pg_class c
       where c.relnamespace::regnamespace::text in ('public', 'graphile_worker') and c.relkind in ('r', 'v') and pg_get_userbyid(c.relowner) <> $1
     union all
     select format('alter function %s owner to %I', p.oid::regprocedure, $1::text) from pg_proc p
       where p.pronamespace::regnamespace::text in ('public', 'graphile_worker') and pg_get_userbyid(p.proowner) <> $1`,
    [owner],
  );
  for (const { change } of ours) await client.query(change);
}

/** The role that the app signs in as, with its password; it owns nothing. Returns its name. */
export async function makeAppRole(client: pg.Client, password: string): Promise<string> {
  const { rows } = await client.query<{ name: string; there: boolean }>(
    "select current_database() || '_app' as name, exists (select 1 from pg_roles where rolname = current_database() || '_app') as there",
  );
  const role = rows[0]?.name ?? "";
  const name = client.escapeIdentifier(role);
  await client.query(
    `${rows[0]?.there ? "alter" : "create"} role ${name} login nosuperuser nocreatedb nocreaterole nobypassrls password ${client.escapeLiteral(password)}`,
  );
  await client.query(`grant usage on schema public to ${name}`);
  return role;
}

/** Makes the database `name` on the server of `serverUrl` if it is not there; returns its address. */
export async function ensureDatabase(serverUrl: string, name: string): Promise<string> {
  const client = new pg.Client({ connectionString: serverUrl });
  await client.connect();
  try {
    const { rowCount } = await client.query("select 1 from pg_database where datname = $1", [name]);
    if (rowCount === 0) await client.query(`create database ${client.escapeIdentifier(name)}`);
  } finally {
    await client.end();
  }
  const url = new URL(serverUrl);
  url.pathname = `/${name}`;
  return url.href;
}

/** Removes a database and makes it anew, empty. */
export async function recreateDatabase(url: string): Promise<void> {
  const server = new URL(url);
  const name = server.pathname.slice(1);
  server.pathname = "/postgres";
  const client = new pg.Client({ connectionString: server.href });
  await client.connect();
  try {
    await client.query(`drop database if exists ${client.escapeIdentifier(name)} with (force)`);
    await client.query(`create database ${client.escapeIdentifier(name)}`);
  } finally {
    await client.end();
  }
}
