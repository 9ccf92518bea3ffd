import "server-only";
import { now } from "../clock";
import { pool } from "../db/pool";
import { Refusal } from "../http/refusal";
import { tokenHash } from "./token";

const minutes = 10;
const allowed = 10;

/** Counts an attempt under a key and refuses when there were too many in the last minutes. The key is kept as a hash. */
export async function throttle(key: string): Promise<void> {
  const { rows } = await pool().query<{ n: number }>("select count_sign_in($1, $2, $3) as n", [
    tokenHash(key),
    now(),
    minutes,
  ]);
  if ((rows[0]?.n ?? 0) > allowed)
    throw new Refusal(429, "too-many-tries", `Too many tries. Wait ${minutes} minutes, then try again.`);
}

/** Forgets the attempts under a key, after one that was right. */
export async function forgetAttempts(key: string): Promise<void> {
  await pool().query("select forget_sign_ins($1)", [tokenHash(key)]);
}
