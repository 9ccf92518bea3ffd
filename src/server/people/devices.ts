import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import type { SignedInDevice } from "@/api/schemas/people";
import { endOneSession, sessionsOf, staffAccount } from "../db/accounts";
import type { Queryable } from "../db/pool";

/** The browsers on which somebody of the base is signed in. */
export async function devicesOf(db: Queryable, personId: string): Promise<{ devices: SignedInDevice[] }> {
  if (!(await staffAccount(db, personId))) throw new AppError("no-such-person");
  return { devices: await sessionsOf(db, personId, now()) };
}

/** Signs somebody out on one browser. */
export async function endSessionOf(db: Queryable, personId: string, id: string): Promise<Record<string, never>> {
  if (!(await endOneSession(db, personId, id, now()))) throw new AppError("no-such-session");
  return {};
}
