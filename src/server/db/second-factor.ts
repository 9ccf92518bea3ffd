import "server-only";
import type { Queryable } from "./pool";

/** Somebody's second factor, in force or begun. */
export interface FactorRow {
  secret: string;
  confirmedAt: string | null;
  lastStep: number | null;
  /** recovery codes that were not used yet */
  codesLeft: number;
}

/** Somebody's second factor, held against others who ask for it until the transaction ends; null where there is none. */
export async function secondFactorOf(db: Queryable, personId: string): Promise<FactorRow | null> {
  const { rows } = await db.query<FactorRow>(
    `select f.secret, f.confirmed_at as "confirmedAt", f.last_step as "lastStep",
       (select count(*) from recovery_code c where c.person_id = f.person_id and c.used_at is null) as "codesLeft"
     from second_factor f where f.person_id = $1 for no key update of f`,
    [personId],
  );
  return rows[0] ?? null;
}

/** Begins a factor, in place of one that was begun and never confirmed. */
export async function beginFactor(db: Queryable, personId: string, secret: string, at: string): Promise<void> {
  await db.query(
    `insert into second_factor (base_id, person_id, secret, begun_at) values (current_base(), $1, $2, $3)
     on conflict (base_id, person_id) do update set secret = $2, begun_at = $3 where second_factor.confirmed_at is null`,
    [personId, secret, at],
  );
}

/** Puts a factor in force. */
export async function confirmFactor(db: Queryable, personId: string, at: string): Promise<void> {
  await db.query("update second_factor set confirmed_at = $2 where person_id = $1", [personId, at]);
}

/** Keeps the step of a code that was taken. */
export async function tookStep(db: Queryable, personId: string, step: number): Promise<void> {
  await db.query("update second_factor set last_step = $2 where person_id = $1", [personId, step]);
}

/** Takes a factor and its recovery codes away. Returns false where there was none in force. */
export async function endFactor(db: Queryable, personId: string): Promise<boolean> {
  await db.query("delete from recovery_code where person_id = $1", [personId]);
  const { rowCount } = await db.query("delete from second_factor where person_id = $1 and confirmed_at is not null", [
    personId,
  ]);
  return rowCount === 1;
}

/** Puts recovery codes in place of those before. */
export async function setRecoveryCodes(db: Queryable, personId: string, hashes: readonly string[]): Promise<void> {
  await db.query("delete from recovery_code where person_id = $1", [personId]);
  await db.query(
    "insert into recovery_code (base_id, person_id, code_hash) select current_base(), $1, unnest($2::text[])",
    [personId, hashes],
  );
}

/** Takes a recovery code for good. Returns false where there is no such one, or it was used. */
export async function takeRecoveryCode(db: Queryable, personId: string, hash: string, at: string): Promise<boolean> {
  const { rowCount } = await db.query(
    "update recovery_code set used_at = $3 where person_id = $1 and code_hash = $2 and used_at is null",
    [personId, hash, at],
  );
  return rowCount === 1;
}
