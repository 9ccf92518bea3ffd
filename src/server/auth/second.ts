import "server-only";
import { AppError } from "@/api/app-error";
import type { DeviceGrant } from "@/api/callers";
import type { Permit } from "@/core/handover/permit";
import type { Queryable } from "../db/pool";
import { needCode, provenStaff } from "./sign-in";
import { makePermit } from "./permit";

/**
 * Proves a second person of the base on a device that was made out to another: a manager on the briefer's tablet. The
 * device stays the briefer's; the permit runs out by itself.
 */
export async function proveSecond(
  db: Queryable,
  grant: DeviceGrant,
  { email, password, code }: { email: string; password: string; code?: string },
): Promise<Permit> {
  const proven = await provenStaff(email, password).catch((error: unknown) => {
    throw error instanceof AppError && error.code === "wrong-sign-in" ? new AppError("not-proven") : error;
  });
  if (proven.baseId === grant.baseId) await needCode(db, proven.personId, code);
  const permit = proven.baseId === grant.baseId ? await makePermit(db, grant, proven.personId, true) : null;
  if (!permit) throw new AppError("not-proven");
  return permit;
}
