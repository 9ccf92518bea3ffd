import "server-only";
import { randomUUID } from "node:crypto";
import type { PartySide } from "@/core/handover/entry";
import { now } from "../clock";
import { pool, type Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { freshToken, tokenHash } from "./token";

/** A device's right to record on one handover. It stands apart from the sign-in, so that an ended session never blocks the outbox. */
export interface Grant {
  id: string;
  baseId: string;
  handoverId: string;
  personId: string;
  /** on whose side the device records; the base's own also hands itself to the skipper, so it may record for both */
  side: PartySide;
}

/** Gives a device the right to record on a handover. */
export async function makeGrant(
  db: Queryable,
  baseId: string,
  handoverId: string,
  personId: string,
  side: PartySide = "base",
): Promise<string> {
  const token = freshToken();
  await db.query(
    "insert into device_grant (id, base_id, handover_id, token_hash, person_id, created_at, side) values ($1, $2, $3, $4, $5, $6, $7)",
    [randomUUID(), baseId, handoverId, tokenHash(token), personId, now(), side],
  );
  return token;
}

/** Grants looked up in the last moments: a device posts often, and a withdrawn grant must stop working within seconds. */
const lately = new Map<string, { grant: Grant; until: number }>();
const rememberedMs = 2000;

/** The grant in a request's authorization header; refuses a missing, forged or withdrawn one, and one for another handover. */
export async function requireGrant(request: Request, handoverId: string): Promise<Grant> {
  const token = /^Bearer ([\w-]{20,80})$/.exec(request.headers.get("authorization") ?? "")?.[1];
  const refused = () =>
    new Refusal(
      401,
      "no-grant",
      "This device may no longer record on this handover. What it holds stays on it: open the handover again from the desk.",
    );
  if (!token) throw refused();
  const hash = tokenHash(token);
  const remembered = lately.get(hash);
  if (remembered && remembered.until > performance.now() && remembered.grant.handoverId === handoverId)
    return remembered.grant;
  const { rows } = await pool().query<{
    id: string;
    base_id: string;
    handover_id: string;
    person_id: string;
    side: PartySide;
  }>("select * from find_grant($1)", [hash]);
  const row = rows[0];
  if (!row || row.handover_id !== handoverId) throw refused();
  const grant = {
    id: row.id,
    baseId: row.base_id,
    handoverId: row.handover_id,
    personId: row.person_id,
    side: row.side,
  };
  if (lately.size > 500) lately.clear();
  lately.set(hash, { grant, until: performance.now() + rememberedMs });
  return grant;
}
