import "server-only";
import { AppError } from "@/api/app-error";
import { inBaseTransaction } from "../db/pool";
import { findStaff } from "../db/ways-in";
import { isRightPassword } from "./password";
import { openSession } from "./session";
import { forgetAttempts, throttle } from "./throttle";

/** Who an address and a password prove. Unknown address and wrong password get the same answer after the same work. */
export async function provenStaff(email: string, password: string): Promise<{ personId: string; baseId: string }> {
  const address = email.trim().toLowerCase();
  await throttle(`sign-in ${address}`);
  const found = await findStaff(address);
  const right = await isRightPassword(found?.passwordHash ?? null, password);
  if (!found || !right) throw new AppError("wrong-sign-in");
  await forgetAttempts(`sign-in ${address}`);
  return found;
}

/** Signs somebody of the base in on this browser. */
export async function signIn(email: string, password: string): Promise<void> {
  const { baseId, personId } = await provenStaff(email, password);
  await inBaseTransaction(baseId, (db) => openSession(db, { staffId: personId }));
}
