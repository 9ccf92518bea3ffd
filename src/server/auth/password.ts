import "server-only";
import { hash, verify } from "@node-rs/argon2";
import pLimit from "p-limit";
import { AppError } from "@/api/app-error";

/** Hashing is heavy on purpose: two at a time, so that a flood of sign-ins does not take the machine from everybody else. */
const inTurn = pLimit(2);
/** More than this in the queue are told to come again: who waits longer has gone. */
const mostWaiting = 100;

/** Argon2id with the library's defaults; PINs are hashed the same way. */
export function hashPassword(password: string): Promise<string> {
  return inTurn(() => hash(password));
}

let decoy: Promise<string> | undefined;

/**
 * Whether a password is right. For an unknown person (`stored` null) the same work is done against a decoy, so that
 * the time taken tells nothing.
 *
 * @throws AppError `too-many-tries` while too many others wait
 */
export async function isRightPassword(stored: string | null, password: string): Promise<boolean> {
  return inQueue(() => isRight(stored, password));
}

/** Does work that hashes when its turn comes. */
export function inQueue<T>(work: () => Promise<T>): Promise<T> {
  if (inTurn.pendingCount >= mostWaiting) throw new AppError("too-many-tries", { minutes: 1 });
  return inTurn(work);
}

/** The check itself, for who has a turn already. */
export async function isRight(stored: string | null, password: string): Promise<boolean> {
  decoy ??= hash("nobody's password");
  const right = await verify(stored ?? (await decoy), password).catch(() => false);
  return stored !== null && right;
}
