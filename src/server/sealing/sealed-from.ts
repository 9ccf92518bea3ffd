import "server-only";
import type { DeviceGrant } from "@/api/callers";
import type { SealRequest } from "@/api/schemas/handover";
import { inBaseTransaction } from "../db/pool";
import { followUp } from "../follow-up/follow-up";
import { chooseSeal } from "./choose-seal";
import { sealHandover, type SealOutcome } from "./seal";

/** Takes a seal from a device, and then does what follows from it: a failure there never undoes the seal. */
export async function sealedFrom(grant: DeviceGrant, request: SealRequest): Promise<SealOutcome> {
  const { baseId, handoverId } = grant;
  const outcome = await inBaseTransaction(baseId, (db) => sealHandover(db, handoverId, request, grant));
  await followUp(baseId, handoverId);
  return outcome;
}

/** Settles what becomes of a record, and then does what follows from it. */
export async function settledBy(
  { baseId, personId }: { baseId: string; personId: string },
  handoverId: string,
  choice: { seal: string; stands: boolean; why: string },
): Promise<void> {
  await inBaseTransaction(baseId, (db) => chooseSeal(db, handoverId, choice, personId));
  await followUp(baseId, handoverId);
}
