import "server-only";
import { LRUCache } from "lru-cache";
import type { DeviceGrant } from "@/api/callers";
import type { PartySide } from "@/core/basics/ids";
import { now } from "../clock";
import { addGrant, findGrant } from "../db/grants";
import type { Queryable } from "../db/pool";
import { freshToken, tokenHash } from "./token";

/** A grant as it is made: the token is shown once. */
export type MadeGrant = DeviceGrant & { token: string };

/** Gives a device the right to record on a handover. */
export async function makeGrant(
  db: Queryable,
  handoverId: string,
  personId: string,
  side: PartySide = "base",
): Promise<MadeGrant> {
  const token = freshToken();
  const { id, baseId } = await addGrant(db, { handoverId, tokenHash: tokenHash(token), personId, side, at: now() });
  return { kind: "device", id, baseId, handoverId, personId, side, token };
}

/** Grants looked up in the last moments: a device posts often, and a withdrawn grant must stop working within seconds. */
const lately = new LRUCache<string, DeviceGrant>({ max: 2000, ttl: 2000 });

/** The grant in a request's authorization header; null for a missing, forged or withdrawn one. */
export async function deviceGrant(request: Request): Promise<DeviceGrant | null> {
  const token = /^Bearer ([\w-]{20,80})$/.exec(request.headers.get("authorization") ?? "")?.[1];
  if (!token) return null;
  const hash = tokenHash(token);
  const remembered = lately.get(hash);
  if (remembered) return remembered;
  const row = await findGrant(hash, now());
  if (!row) return null;
  const grant: DeviceGrant = {
    kind: "device",
    id: row.id,
    baseId: row.base_id,
    handoverId: row.handover_id,
    personId: row.person_id,
    side: row.side,
  };
  lately.set(hash, grant);
  return grant;
}
