import "server-only";
import { randomInt, randomUUID } from "node:crypto";
import { now } from "../clock";
import { pool, withBase, type Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { hashPassword, isRightPassword } from "./password";
import { openSession } from "./session";
import { freshToken, tokenHash } from "./token";

const closedLink = () =>
  new Refusal(
    410,
    "link-closed",
    "This link does not open anything any more: it has run out or was withdrawn. Ask the base for a new one.",
  );

/** Makes a charter's private link. Link and PIN are shown once and kept only as hashes; earlier links are withdrawn. */
export async function makeCharterLink(
  db: Queryable,
  baseId: string,
  charterId: string,
  expiresAt: string,
): Promise<{ secret: string; pin: string }> {
  const secret = freshToken();
  const pin = String(randomInt(0, 1_000_000)).padStart(6, "0");
  await storeCharterLink(db, baseId, charterId, secret, pin, expiresAt);
  return { secret, pin };
}

/** Keeps a link and PIN that were made elsewhere (the demo's are printed at start). */
export async function storeCharterLink(
  db: Queryable,
  baseId: string,
  charterId: string,
  secret: string,
  pin: string,
  expiresAt: string,
): Promise<void> {
  await db.query("update charter_link set revoked_at = $2 where charter_id = $1 and revoked_at is null", [
    charterId,
    now(),
  ]);
  await db.query(
    "insert into charter_link (id, base_id, charter_id, secret_hash, pin_hash, created_at, expires_at) values ($1, $2, $3, $4, $5, $6, $7)",
    [randomUUID(), baseId, charterId, tokenHash(secret), await hashPassword(pin), now(), expiresAt],
  );
}

/** Opens the boat book by link and PIN. A forged link and a withdrawn one are told apart from a wrong PIN only. */
export async function openByLink(secret: string, pin: string): Promise<void> {
  const { rows } = await pool().query<{
    id: string;
    base_id: string;
    charter_id: string;
    pin_hash: string;
    state: string;
  }>("select * from open_link($1, $2)", [tokenHash(secret), now()]);
  const link = rows[0];
  const right = await isRightPassword(link?.pin_hash ?? null, pin);
  if (!link || link.state === "revoked" || link.state === "expired") throw closedLink();
  if (link.state === "locked")
    throw new Refusal(429, "link-locked", "Ten wrong PINs: this link is locked. Ask the base for a new one.");
  if (!right)
    throw new Refusal(401, "wrong-pin", "That PIN is not right. It came with the link; ten wrong ones lock it.");
  await pool().query("select pin_was_right($1)", [link.id]);
  await withBase(link.base_id, (db) => openSession(db, link.base_id, { charterId: link.charter_id }));
}
