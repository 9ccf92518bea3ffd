import "server-only";
import { pool, withBase } from "../db/pool";
import { Refusal } from "../http/refusal";
import { isRightPassword } from "./password";
import { openSession } from "./session";
import { forgetAttempts, throttle } from "./throttle";

/** Signs somebody of the base in. Unknown address and wrong password get the same answer after the same work. */
export async function signIn(email: string, password: string): Promise<void> {
  const address = email.trim().toLowerCase();
  await throttle(`sign-in ${address}`);
  const { rows } = await pool().query<{ person_id: string; base_id: string; password_hash: string }>(
    "select * from find_staff($1)",
    [address],
  );
  const found = rows[0];
  const right = await isRightPassword(found?.password_hash ?? null, password);
  if (!found || !right) throw new Refusal(401, "wrong-sign-in", "E-mail or password is not right.");
  await forgetAttempts(`sign-in ${address}`);
  await withBase(found.base_id, (db) => openSession(db, found.base_id, { staffId: found.person_id }));
}
