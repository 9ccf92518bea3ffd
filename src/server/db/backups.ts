import type { BackupsMade } from "../../core/backup/made";
import type { Queryable } from "./pool";

/** What a backup says of the database it was made of. */
export interface StateToBackUp {
  /** what the database takes on the disk */
  bytes: number;
  database: string;
  postgres: string;
  /** the newest migration it has run */
  migration: string;
  bases: number;
}

/** @param owner a connection as the owner of the tables */
export async function stateToBackUp(owner: Queryable): Promise<StateToBackUp> {
  const { rows } = await owner.query<StateToBackUp>(
    `select pg_database_size(current_database())::float8 as bytes, current_database() as database,
       current_setting('server_version') as postgres, (select max(name) from schema_migration) as migration,
       (select count(*)::int from base) as bases`,
  );
  if (!rows[0]) throw new Error("the database says nothing of itself");
  return rows[0];
}

/** What has been backed up of this installation, as the app sees it. */
export async function backupsMade(db: Queryable): Promise<BackupsMade> {
  const { rows } = await db.query<{
    at: Date | string | null;
    file: string;
    bytes: number;
    encrypted: boolean;
    fault: BackupsMade["fault"];
    underWay: boolean;
  }>(
    'select done_at as at, file, bytes::float8 as bytes, encrypted, fault, under_way as "underWay" from backups_made()',
  );
  const [row] = rows;
  if (!row) return { last: null, fault: null, underWay: false };
  const { at, file, bytes, encrypted, fault, underWay } = row;
  return {
    last: at === null ? null : { at: new Date(at).toISOString(), file, bytes, encrypted },
    fault,
    underWay,
  };
}

/** Asks for a backup. Where one is asked for or under way already, nothing more is. */
export async function askBackup(db: Queryable, id: string, at: string): Promise<void> {
  await db.query("select ask_backup($1, $2)", [id, at]);
}

/** Takes the backup that was asked for and that nobody has begun; null where there is none. */
export async function beginAsked(owner: Queryable, at: string): Promise<string | null> {
  const { rows } = await owner.query<{ id: string }>(
    "update backup set begun_at = $1 where id = (select id from backup where begun_at is null and fault is null order by asked_at limit 1 for update skip locked) returning id",
    [at],
  );
  return rows[0]?.id ?? null;
}

/** Notes that a backup was made. */
export async function noteMade(
  owner: Queryable,
  id: string,
  made: { at: string; file: string; bytes: number; encrypted: boolean },
): Promise<void> {
  await owner.query(
    `insert into backup (id, asked_at, begun_at, done_at, file, bytes, encrypted) values ($1, $2, $2, $2, $3, $4, $5)
     on conflict (id) do update set done_at = excluded.done_at, file = excluded.file, bytes = excluded.bytes, encrypted = excluded.encrypted, fault = null`,
    [id, made.at, made.file, made.bytes, made.encrypted],
  );
}

/** Notes why a backup could not be made. */
export async function noteNotMade(
  owner: Queryable,
  id: string,
  fault: NonNullable<BackupsMade["fault"]>,
): Promise<void> {
  await owner.query("update backup set fault = $2 where id = $1 and done_at is null", [id, fault]);
}

/** Those that a process had begun that has ended since: they are begun by nobody again. */
export async function noteCutOff(owner: Queryable): Promise<void> {
  await owner.query(
    "update backup set fault = 'cut-off' where begun_at is not null and done_at is null and fault is null",
  );
}

/** Whether one failed within the last hour: then it is not tried again every few seconds. */
export async function failedLately(owner: Queryable, at: string): Promise<boolean> {
  const { rows } = await owner.query(
    "select 1 from backup where fault is not null and asked_at > $1::timestamptz - interval '1 hour' limit 1",
    [at],
  );
  return rows.length > 0;
}

/** The photos of the base that are not what their hash says: how many there are, and which. */
export async function strayPhotos(db: Queryable): Promise<{ all: number; stray: string[] }> {
  const { rows } = await db.query<{ all: number; stray: string[] | null }>(
    `select count(*)::int as all, array_agg(hash order by hash) filter (where encode(sha256(bytes), 'hex') <> hash) as stray from photo`,
  );
  return { all: rows[0]?.all ?? 0, stray: rows[0]?.stray ?? [] };
}
