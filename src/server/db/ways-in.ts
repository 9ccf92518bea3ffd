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

/** A charter's link as it is found. */
export interface FoundLink {
  id: string;
  baseId: string;
  charterId: string;
  pinHash: string;
  state: "open" | "revoked" | "expired" | "locked";
}

/**
 * Looks at a charter's link while nobody else does: one try after the other, each wrong one counted before the next.
 *
 * @param isRight whether the PIN is the one kept; asked for no link as well, so that the time taken tells nothing
 */
export async function tryLink(
  secretHash: string,
  at: string,
  isRight: (pinHash: string | null) => Promise<boolean>,
): Promise<{ link: FoundLink | null; right: boolean }> {
  const client = await pool().connect();
  try {
    await client.query("begin");
    const { rows } = await client.query<FoundLink>(
      `select id, base_id as "baseId", charter_id as "charterId", pin_hash as "pinHash", state from take_link($1, $2)`,
      [secretHash, at],
    );
    const link = rows[0] ?? null;
    const right = await isRight(link?.pinHash ?? null);
    if (link && link.state !== "locked")
      await client.query(right ? "select pin_was_right($1)" : "select wrong_pin($1)", [link.id]);
    await client.query("commit");
    return { link, right };
  } catch (error) {
    await client.query("rollback").catch(() => undefined);
    throw error;
  } finally {
    client.release();
  }
}

/** Whether a browser has signed in as somebody before, by the token of one of its sessions. */
export async function isKnownBrowser(tokenHash: string, email: string): Promise<boolean> {
  const { rows } = await pool().query<{ known: boolean }>("select is_known_browser($1, $2) as known", [
    tokenHash,
    email,
  ]);
  return rows[0]?.known === true;
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

/** Closes every way into a charter's boat book: its links, and the browsers on which it is open. */
export async function closeBook(db: Queryable, charterId: string, at: string): Promise<void> {
  await db.query("update charter_link set revoked_at = $2 where charter_id = $1 and revoked_at is null", [
    charterId,
    at,
  ]);
  await db.query("update session set revoked_at = $2 where charter_id = $1 and revoked_at is null", [charterId, at]);
}

/** Whether a charter's boat book can be opened: a link stands. */
export async function hasOpenLink(db: Queryable, charterId: string, at: string): Promise<boolean> {
  const { rowCount } = await db.query(
    "select 1 from charter_link where charter_id = $1 and revoked_at is null and expires_at > $2 limit 1",
    [charterId, at],
  );
  return rowCount === 1;
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
