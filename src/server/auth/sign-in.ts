import "server-only";
import { AppError } from "@/api/app-error";
import { inBaseTransaction } from "../db/pool";
import { findStaff, isKnownBrowser } from "../db/ways-in";
import { isRightPassword } from "./password";
import { browserMark, openSession } from "./session";
import { forgetAttempts, throttle, throttleAddress } from "./throttle";

/** Who an address and a password prove. Unknown address and wrong password get the same answer after the same work. */
export async function provenStaff(email: string, password: string): Promise<{ personId: string; baseId: string }> {
  const address = email.trim().toLowerCase();
  // who guesses elsewhere does not lock out the browsers on which that person has signed in before
  const mark = await browserMark();
  const known = mark !== null && (await isKnownBrowser(mark, address));
  if (!known) await throttleAddress("sign-in");
  const key = known ? `sign-in ${address} ${mark}` : `sign-in ${address}`;
  await throttle(key);
  const found = await findStaff(address);
  const right = await isRightPassword(found?.passwordHash ?? null, password);
  if (!found || !right) throw new AppError("wrong-sign-in");
  await forgetAttempts(key);
  return found;
}

/** Signs somebody of the base in on this browser. */
export async function signIn(email: string, password: string): Promise<void> {
  const { baseId, personId } = await provenStaff(email, password);
  await inBaseTransaction(baseId, (db) => openSession(db, { staffId: personId }));
}
