import type { HandoverBundle } from "../api/schemas/handover";
import { makeGrant } from "../server/auth/grant";
import type { Queryable } from "../server/db/pool";
import { handoverBundle } from "../server/handover/bundle";

/** What a device of the base gets that somebody opens a handover on. */
export const bundleFor = async (db: Queryable, handoverId: string, personId: string): Promise<HandoverBundle> =>
  handoverBundle(db, handoverId, await makeGrant(db, handoverId, personId));
