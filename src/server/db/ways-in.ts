import "server-only";
import { randomUUID } from "node:crypto";
import { v7 as uuid } from "uuid";
import { pool, type Queryable } from "./pool";

/** Somebody of a base by e-mail, with the hash of the password. */
export async function findStaff(
  email: string,
): Promise<{ personId: string; baseId: string; passwordHash: string } | null> {
  const { rows } = await pool().query<{ personId: string; baseId: string; passwordHash: string }>(
    `select person_id as "personId", base_id as "baseId", password_hash as "passwordHash" from find_staff($1)`,
    [email],
  );
  return rows[0] ?? null;
}

/** Counts an attempt under a key, and says how many there were in the last minutes. */
export async function countAttempt(keyHash: string, at: string, minutes: number): Promise<number> {
  return (
    (await pool().query<{ n: number }>("select count_sign_in($1, $2, $3) as n", [keyHash, at, minutes])).rows[0]?.n ?? 0
  );
}

/** Forgets the attempts under a key. */
export async function forgetAttempts(keyHash: string): Promise<void> {
  await pool().query("select forget_sign_ins($1)", [keyHash]);
}

/** A charter's link as it is opened: the try counts against it until the PIN was right. */
export async function openLink(
  secretHash: string,
  at: string,
): Promise<{
  id: string;
  baseId: string;
  charterId: string;
  pinHash: string;
  state: "open" | "revoked" | "expired" | "locked";
} | null> {
  const { rows } = await pool().query<{
    id: string;
    baseId: string;
    charterId: string;
    pinHash: string;
    state: "open" | "revoked" | "expired" | "locked";
  }>(`select id, base_id as "baseId", charter_id as "charterId", pin_hash as "pinHash", state from open_link($1, $2)`, [
    secretHash,
    at,
  ]);
  return rows[0] ?? null;
}

/** The PIN of a link was right: its tries are forgotten. */
export async function pinWasRight(linkId: string): Promise<void> {
  await pool().query("select pin_was_right($1)", [linkId]);
}

/** Keeps a charter's link; earlier ones stop opening. */
export async function addLink(
  db: Queryable,
  link: { charterId: string; secretHash: string; pinHash: string; at: string; until: string },
): Promise<void> {
  await db.query("update charter_link set revoked_at = $2 where charter_id = $1 and revoked_at is null", [
    link.charterId,
    link.at,
  ]);
  await db.query(
    "insert into charter_link (id, base_id, charter_id, secret_hash, pin_hash, created_at, expires_at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [randomUUID(), link.charterId, link.secretHash, link.pinHash, link.at, link.until],
  );
}

/** The yacht on which a code is posted. */
export async function findYachtByCode(code: string): Promise<{ id: string; baseId: string } | null> {
  const { rows } = await pool().query<{ id: string; baseId: string }>(
    `select id, base_id as "baseId" from find_yacht_by_code($1)`,
    [code],
  );
  return rows[0] ?? null;
}

/** The handover that a code opens to crew. */
export async function findJoinCode(
  codeHash: string,
  at: string,
): Promise<{ baseId: string; handoverId: string } | null> {
  const { rows } = await pool().query<{ baseId: string; handoverId: string }>(
    `select base_id as "baseId", handover_id as "handoverId" from find_join_code($1, $2)`,
    [codeHash, at],
  );
  return rows[0] ?? null;
}

/** Keeps a code by which crew join a handover; the last one made counts. */
export async function addJoinCode(db: Queryable, handoverId: string, codeHash: string, until: string): Promise<void> {
  await db.query(
    "insert into join_code (id, base_id, handover_id, code_hash, created_at, expires_at) values ($1, current_base(), $2, $3, clock_timestamp(), $4)",
    [uuid(), handoverId, codeHash, until],
  );
}

/** Whether a handover, stay or yacht belongs to a charter. */
export async function isOfCharter(
  db: Queryable,
  charterId: string,
  what: { of: "handover" | "stay" | "yacht"; id: string },
): Promise<boolean> {
  const where = {
    handover: "exists (select 1 from handover h where h.stay_id = s.id and h.id::text = $2)",
    stay: "s.id::text = $2",
    yacht: "exists (select 1 from yacht y where y.id = s.yacht_id and y.slug = $2)",
  }[what.of];
  const { rowCount } = await db.query(`select 1 from stay s where s.charter_id = $1 and ${where} limit 1`, [
    charterId,
    what.id,
  ]);
  return (rowCount ?? 0) > 0;
}
