import "server-only";
import type { PublishedKey } from "@/core/handover/signing-keys";
import { pool, type Queryable } from "./pool";

const columns = `number, public_key as "publicKey", made_at as "madeAt", by_previous as "byPrevious", by_own as "byOwn"`;

/** The keys that the base has signed with, the first first; the last is in use. */
export async function keysOf(db: Queryable, baseId: string): Promise<PublishedKey[]> {
  const { rows } = await db.query<PublishedKey>(
    `select ${columns} from signing_key where base_id = $1 order by number`,
    [baseId],
  );
  return rows;
}

/** Puts a key into the row of the base's keys. */
export async function addKey(db: Queryable, baseId: string, key: PublishedKey): Promise<void> {
  await db.query(
    "insert into signing_key (base_id, number, public_key, made_at, by_previous, by_own) values ($1, $2, $3, $4, $5, $6)",
    [baseId, key.number, key.publicKey, key.madeAt, key.byPrevious, key.byOwn],
  );
}

/** The keys of every base, for whoever checks a record. */
export async function publishedKeys(): Promise<(PublishedKey & { baseId: string; baseName: string })[]> {
  const { rows } = await pool().query<PublishedKey & { baseId: string; baseName: string }>(
    `select base_id as "baseId", base_name as "baseName", ${columns} from published_keys()`,
  );
  return rows;
}
