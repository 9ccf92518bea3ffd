import "server-only";
import { now } from "../clock";
import { hasCheckOut, lockHandover } from "../db/handovers";
import { addSealChoice, sealsOf } from "../db/seals";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";

/**
 * Settles which of two whole seals of one handover stands; both are kept.
 *
 * @throws AppError for a seal that is not of this handover, or once a check-out goes back to the one that stands
 */
export async function chooseSeal(
  db: Queryable,
  handoverId: string,
  seal: string,
  why: string,
  personId: string,
): Promise<void> {
  await lockHandover(db, handoverId);
  const chosen = (await sealsOf(db, handoverId)).find((each) => each.seal === seal);
  if (!chosen) throw new AppError("no-such-seal", {}, "seal");
  if (await hasCheckOut(db, handoverId)) throw new AppError("check-out-begun");
  await addSealChoice(db, handoverId, chosen.id, why, personId, now());
}
