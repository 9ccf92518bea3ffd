import { generateURI } from "otplib";
import { verifySync } from "otplib/functional";

/** Seconds that a code lasts, and how far a phone's clock may be off either way (RFC 6238, 5.2: one step). */
export const codeSeconds = 30;

/**
 * The step of time of a code that fits, or null: wrong, of another time, or not later than the last one that was taken.
 *
 * @param atMs milliseconds since 1970
 * @param after the step of the last code that was taken; each counts once
 */
export function fittingStep(secret: string, code: string, atMs: number, after: number | null): number | null {
  const digits = code.replaceAll(/\s/g, "");
  if (!/^\d{6}$/.test(digits)) return null;
  const found = verifySync({ secret, token: digits, epoch: Math.floor(atMs / 1000), epochTolerance: codeSeconds });
  return found.valid && "timeStep" in found && (after === null || found.timeStep > after) ? found.timeStep : null;
}

/** The address that a phone's app takes the secret from. */
export const factorUri = (secret: string, { issuer, email }: { issuer: string; email: string }): string =>
  generateURI({ issuer, label: email, secret });
