import "server-only";
import { AppError } from "@/api/app-error";
import { fold } from "@/core/handover/fold";
import { gate } from "@/core/handover/gate";
import { now } from "../clock";
import { addClearanceLift, isLifted, type Lifted } from "../db/clearance";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { sealsOf } from "../db/seals";
import { signedEntries } from "../record/record";
import { gateContext } from "./gate-context";

/**
 * Takes the mark off a yacht that was signed over while not cleared. What nobody may let go can be put right and then
 * said so, never overridden.
 */
export async function liftClearance(
  db: Queryable,
  handoverId: string,
  how: Lifted,
  why: string,
  personId: string,
): Promise<void> {
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new AppError("no-such-handover");
  const signed = await signedEntries(db, handoverId);
  if (!signed) throw new AppError("not-signed");
  const received = (await sealsOf(db, handoverId)).find(({ id }) => id === signed.seal.id);
  if (received?.clearance?.state !== "not-cleared" || (await isLifted(db, handoverId)))
    throw new AppError("nothing-to-lift");
  // what stands against her now: the deposit may have come, and work may be done
  const { reasons } = gate(handover.list, fold(signed.entries), await gateContext(db, handover));
  if (how === "overridden" && reasons.some(({ blocks, lift }) => blocks && lift === "nobody"))
    throw new AppError("never-let-go");
  await addClearanceLift(db, { handoverId, how, why, personId, at: now() });
}
