import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { countAttempt, forgetAttempts as forget } from "../db/ways-in";
import { tokenHash } from "./token";

const minutes = 10;
const allowed = 10;

/** Counts an attempt under a key and refuses when there were too many in the last minutes. The key is kept as a hash. */
export async function throttle(key: string): Promise<void> {
  if ((await countAttempt(tokenHash(key), now(), minutes)) > allowed) throw new AppError("too-many-tries", { minutes });
}

/** Forgets the attempts under a key, after one that was right. */
export async function forgetAttempts(key: string): Promise<void> {
  await forget(tokenHash(key));
}
