import "server-only";
import { hash, verify } from "@node-rs/argon2";

/** Argon2id with the library's defaults; PINs are hashed the same way. */
export function hashPassword(password: string): Promise<string> {
  return hash(password);
}

let decoy: Promise<string> | undefined;

/**
 * Whether a password is right. For an unknown person (`stored` null) the same work is done against a decoy, so that
 * the time taken tells nothing.
 */
export async function isRightPassword(stored: string | null, password: string): Promise<boolean> {
  decoy ??= hash("nobody's password");
  const right = await verify(stored ?? (await decoy), password).catch(() => false);
  return stored !== null && right;
}
