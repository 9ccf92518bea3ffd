import "server-only";
import { AppError } from "@/api/app-error";
import type { StaffSession } from "@/api/callers";
import type { Role } from "@/api/permissions";
import { needGoodPassword } from "../auth/good-password";
import { hashPassword, isRightPassword } from "../auth/password";
import { throttle } from "../auth/throttle";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { takeTurns } from "../db/locks";
import {
  endGrantsOf,
  endInvitation,
  endSessionsOf,
  managersBesides,
  setPassword,
  setStaff,
  staffAccount,
} from "../db/accounts";
import type { Queryable } from "../db/pool";

/**
 * Gives somebody other roles, or takes the account away or back. Who loses it is signed out everywhere and records
 * nothing more for the base; a handover that is open stays, and a colleague goes on with it.
 *
 * @throws AppError `last-manager` where the base would have none left, also when two managers do this to each other at once
 */
export async function changeStaff(
  db: Queryable,
  personId: string,
  { roles, active }: { roles: readonly Role[]; active: boolean },
): Promise<Record<string, never>> {
  await takeTurns(db, "people");
  const account = await staffAccount(db, personId);
  if (!account) throw new AppError("no-such-person");
  const staysManager = active && roles.includes("manager");
  if (!staysManager && (await managersBesides(db, personId)) === 0) throw new AppError("last-manager");
  await setStaff(db, personId, { roles, active });
  if (!active) {
    await endSessionsOf(db, personId, now());
    await endGrantsOf(db, personId, now());
  }
  return {};
}

/** Changes one's own password; every other session of oneself ends. */
export async function changeOwnPassword(
  db: Queryable,
  { personId, id, name }: StaffSession,
  { old, fresh }: { old: string; fresh: string },
): Promise<Record<string, never>> {
  await throttle(`password ${personId}`);
  const account = await staffAccount(db, personId);
  if (!account || !(await isRightPassword(account.passwordHash, old))) throw new AppError("wrong-password", {}, "old");
  const base = await currentBase(db);
  needGoodPassword(fresh, [name, account.email, base.name, old]);
  await setPassword(db, personId, await hashPassword(fresh));
  await endSessionsOf(db, personId, now(), id);
  return {};
}

/** Ends an invitation that nobody has taken. */
export async function withdrawInvitation(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await endInvitation(db, id, now()))) throw new AppError("no-such-invitation");
  return {};
}
