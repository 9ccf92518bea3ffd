import "server-only";
import { randomInt } from "node:crypto";
import { generateSecret } from "otplib";
import QRCode from "qrcode";
import { AppError } from "@/api/app-error";
import type { StaffSession } from "@/api/callers";
import type { BegunFactor, FactorState } from "@/api/schemas/second-factor";
import { factorUri, fittingStep } from "@/core/second-factor/codes";
import { forgetAttempts, throttle } from "./throttle";
import { tokenHash } from "./token";
import { now } from "../clock";
import { staffAccount } from "../db/accounts";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import {
  beginFactor,
  confirmFactor,
  endFactor,
  secondFactorOf,
  setRecoveryCodes,
  tookStep,
  takeRecoveryCode,
} from "../db/second-factor";

/** Letters and digits that nobody takes for one another: 25 of them, ten give 46 bits. */
const plain = "acdefghjkmnpqrtuvwxy34679";
const recoveryCodes = 10;
const recoveryLength = 10;

const bareCode = (code: string) => code.toLowerCase().replaceAll(/[\s-]/g, "");
const tries = (personId: string) => `second factor ${personId}`;

/** How it stands with somebody's second factor. */
export async function factorState(db: Queryable, personId: string): Promise<FactorState> {
  const row = await secondFactorOf(db, personId);
  return row?.confirmedAt ? { since: row.confirmedAt, codesLeft: row.codesLeft } : { since: null, codesLeft: 0 };
}

/** Begins a second factor: a fresh secret for the phone, as a code to scan and as letters to type. It is not in force yet. */
export async function beginSecondFactor(db: Queryable, { personId }: StaffSession): Promise<BegunFactor> {
  if ((await secondFactorOf(db, personId))?.confirmedAt) throw new AppError("factor-there");
  const account = await staffAccount(db, personId);
  if (!account) throw new AppError("no-such-person");
  const secret = generateSecret();
  await beginFactor(db, personId, secret, now());
  const issuer = `Brinecove ${(await currentBase(db)).name}`;
  const uri = factorUri(secret, { issuer, email: account.email });
  return { secret, picture: await QRCode.toString(uri, { type: "svg", margin: 2, errorCorrectionLevel: "M" }) };
}

/**
 * Whether a code proves somebody: of the phone, each once, or a recovery code, each once. Tries are counted before the code
 * is looked at, so that one that was guessed after too many is refused as well.
 *
 * @throws AppError `wrong-code`
 */
export async function proveCode(db: Queryable, personId: string, code: string): Promise<void> {
  await throttle(tries(personId));
  const row = await secondFactorOf(db, personId);
  const step = row && fittingStep(row.secret, code, Date.parse(now()), row.lastStep);
  if (step !== null) await tookStep(db, personId, step);
  else if (!row?.confirmedAt || !(await takeRecoveryCode(db, personId, tokenHash(bareCode(code)), now())))
    throw new AppError("wrong-code", {}, "code");
  await forgetAttempts(tries(personId));
}

/** Puts the factor that was begun in force once a code shows that the phone has it, and gives the recovery codes, this once. */
export async function confirmSecondFactor(db: Queryable, { personId }: StaffSession, code: string) {
  const row = await secondFactorOf(db, personId);
  if (!row) throw new AppError("no-factor");
  if (row.confirmedAt) throw new AppError("factor-there");
  await proveCode(db, personId, code);
  await confirmFactor(db, personId, now());
  return { codes: await freshCodes(db, personId) };
}

/** Gives recovery codes anew; those before open nothing any more. */
export async function renewRecoveryCodes(db: Queryable, { personId }: StaffSession, code: string) {
  if (!(await secondFactorOf(db, personId))?.confirmedAt) throw new AppError("no-factor");
  await proveCode(db, personId, code);
  return { codes: await freshCodes(db, personId) };
}

/** Takes one's own factor away, with a code of it. */
export async function endOwnFactor(db: Queryable, { personId }: StaffSession, code: string) {
  if (!(await secondFactorOf(db, personId))?.confirmedAt) throw new AppError("no-factor");
  await proveCode(db, personId, code);
  await endFactor(db, personId);
  return {};
}

/** Takes the factor of somebody who has lost phone and codes away; the next sign-in needs the password alone. */
export async function endFactorOf(db: Queryable, personId: string) {
  if (!(await staffAccount(db, personId))) throw new AppError("no-such-person");
  if (!(await endFactor(db, personId))) throw new AppError("no-factor");
  return {};
}

async function freshCodes(db: Queryable, personId: string): Promise<string[]> {
  const codes = Array.from({ length: recoveryCodes }, () =>
    Array.from({ length: recoveryLength }, () => plain[randomInt(plain.length)]).join(""),
  );
  await setRecoveryCodes(
    db,
    personId,
    codes.map((code) => tokenHash(code)),
  );
  return codes.map((code) => `${code.slice(0, 5)}-${code.slice(5)}`);
}
