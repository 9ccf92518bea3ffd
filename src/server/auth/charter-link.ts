import "server-only";
import { randomInt } from "node:crypto";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { addLink, tryLink } from "../db/ways-in";
import { hashPassword, inQueue, isRight } from "./password";
import { openSession } from "./session";
import { freshToken, tokenHash } from "./token";

/** Makes a charter's private link. Link and PIN are shown once and kept only as hashes; earlier links are withdrawn. */
export async function makeCharterLink(
  db: Queryable,
  charterId: string,
  expiresAt: string,
): Promise<{ secret: string; pin: string }> {
  const secret = freshToken();
  const pin = String(randomInt(0, 1_000_000)).padStart(6, "0");
  await storeCharterLink(db, charterId, secret, pin, expiresAt);
  return { secret, pin };
}

/** Keeps a link and PIN that were made elsewhere (the demo's are printed at start). */
export async function storeCharterLink(
  db: Queryable,
  charterId: string,
  secret: string,
  pin: string,
  expiresAt: string,
): Promise<void> {
  const [secretHash, pinHash] = [tokenHash(secret), await hashPassword(pin)];
  await addLink(db, { charterId, secretHash, pinHash, at: now(), until: expiresAt });
}

/** Opens the boat book by link and PIN. A forged link and a withdrawn one are told apart from a wrong PIN only. */
export async function openByLink(secret: string, pin: string): Promise<void> {
  const { link, right } = await inQueue(() => tryLink(tokenHash(secret), now(), (pinHash) => isRight(pinHash, pin)));
  if (!link || link.state === "revoked" || link.state === "expired") throw new AppError("link-closed");
  if (link.state === "locked") throw new AppError("link-locked");
  if (!right) throw new AppError("wrong-pin");
  await inBaseTransaction(link.baseId, (db) => openSession(db, { charterId: link.charterId, linkId: link.id }));
}
