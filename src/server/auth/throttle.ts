import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { countAttempt, forgetAttempts as forget } from "../db/ways-in";
import { callerAddress } from "./address";
import { tokenHash } from "./token";

const minutes = 10;
const allowed = 10;
/** Tries of one kind from everywhere together: far more than a base has in ten minutes, and nothing against what there is to guess. */
const allowedInAll = 300;
/** Tries of one kind from one address: a whole crew behind one phone, and a small part of what closes it for everybody. */
const allowedFromOne = 40;

/** Counts an attempt under a key and refuses when there were too many in the last minutes. The key is kept as a hash. */
export async function throttle(key: string, most = allowed): Promise<void> {
  if ((await countAttempt(tokenHash(key), now(), minutes)) > most) throw new AppError("too-many-tries", { minutes });
}

/**
 * Counts a try of a code before it is looked up, by the code and over all codes of its kind: a right one that comes after
 * too many wrong ones is refused as well, so that an answer tells nothing.
 */
export async function throttleCode(kind: string, code: string): Promise<void> {
  await throttleAddress(kind);
  await throttle(kind, allowedInAll);
  await throttle(`${kind} ${code}`);
}

/** Counts a try of a kind by where it comes from: who tries too much from one address closes it for that address alone. */
export async function throttleAddress(kind: string): Promise<void> {
  const address = await callerAddress();
  if (address !== null) await throttle(`${kind} from ${address}`, allowedFromOne);
}

/** Forgets the attempts under a key, after one that was right. */
export async function forgetAttempts(key: string): Promise<void> {
  await forget(tokenHash(key));
}
