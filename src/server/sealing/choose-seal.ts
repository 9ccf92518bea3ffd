import "server-only";
import { now } from "../clock";
import { hasCheckOut, lockHandover } from "../db/handovers";
import { addSealChoice, sealsOf } from "../db/seals";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import { settleRecord } from "./seal";

/**
 * Settles what becomes of a record that was received: it stands, or it does not and both sign again. Every record is
 * kept.
 *
 * @throws AppError for a seal that is not of this handover, or once a check-out goes back to the one that stands
 */
export async function chooseSeal(
  db: Queryable,
  handoverId: string,
  { seal, stands, why }: { seal: string; stands: boolean; why: string },
  personId: string,
): Promise<void> {
  await lockHandover(db, handoverId);
  const chosen = (await sealsOf(db, handoverId)).find((each) => each.seal === seal);
  if (!chosen) throw new AppError("no-such-seal", {}, "seal");
  if (chosen.problems.includes("entries-to-come") && stands) throw new AppError("entries-to-come");
  if (await hasCheckOut(db, handoverId)) throw new AppError("check-out-begun");
  await addSealChoice(db, handoverId, { sealId: chosen.id, stands, why, personId, at: now() });
  await settleRecord(db, handoverId);
}
