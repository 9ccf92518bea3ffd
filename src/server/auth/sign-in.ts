import "server-only";
import { AppError } from "@/api/app-error";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { factorState, proveCode } from "./second-factor";
import { hasSignedIn } from "../db/sessions";
import { findStaff, isKnownBrowser } from "../db/ways-in";
import { tellNewDevice } from "../outbox/to-staff";
import { isRightPassword } from "./password";
import { browserMark, openSession } from "./session";
import { forgetAttempts, throttle, throttleAddress } from "./throttle";

/** Who an address and a password prove. Unknown address and wrong password get the same answer after the same work. */
export async function provenStaff(
  email: string,
  password: string,
): Promise<{ personId: string; baseId: string; isKnown: boolean }> {
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
  return { ...found, isKnown: known };
}

/**
 * Signs somebody of the base in on this browser.
 *
 * @param code of the phone or a recovery code; asked for where the person has a second factor, once the password is right
 */
export async function signIn(email: string, password: string, code?: string): Promise<void> {
  const { baseId, personId, isKnown } = await provenStaff(email, password);
  await inBaseTransaction(baseId, async (db) => {
    await needCode(db, personId, code);
    // the first device of all is no news
    if (!isKnown && (await hasSignedIn(db, personId))) await tellNewDevice(db, personId);
    await openSession(db, { staffId: personId });
  });
}

/** Asks for a code where somebody has a second factor in force. */
export async function needCode(db: Queryable, personId: string, code: string | undefined): Promise<void> {
  if ((await factorState(db, personId)).since === null) return;
  if (code === undefined || code.trim() === "") throw new AppError("code-needed", {}, "code");
  await proveCode(db, personId, code);
}
