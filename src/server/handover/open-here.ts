import "server-only";
import type { PartySide } from "@/core/basics/ids";
import type { HandoverKind } from "@/core/handover/lines/line-input";
import { makeGrant } from "../auth/grant";
import type { Queryable } from "../db/pool";
import { handoverBundle } from "./bundle";
import { openHandover } from "./open";

/** Opens a handover, or joins it, and gives this device all it needs to work on it and the right to record. */
export async function openHere(
  db: Queryable,
  stayId: string,
  kind: HandoverKind,
  personId: string,
  side: PartySide = "base",
) {
  const { id } = await openHandover(db, stayId, kind, personId);
  const grant = await makeGrant(db, id, personId, side);
  return { handover: id, grant: grant.token, bundle: await handoverBundle(db, id, grant) };
}
