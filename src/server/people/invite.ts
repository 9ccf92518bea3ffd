import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { Role } from "@/api/permissions";
import type { Invited, OnceLink } from "@/api/schemas/people";
import { addHours } from "@/core/basics/instant";
import { needGoodPassword } from "../auth/good-password";
import { hashPassword } from "../auth/password";
import { factorState } from "../auth/second-factor";
import { openSession } from "../auth/session";
import { throttleAddress } from "../auth/throttle";
import { freshToken, tokenHash } from "../auth/token";
import { now } from "../clock";
import { takeTurns } from "../db/locks";
import {
  addInvitation,
  addStaff,
  endGrantsOf,
  endSessionsOf,
  findInvitation,
  hasAccount,
  setPassword,
  staffAccount,
  useInvitation,
  type FoundInvitation,
} from "../db/accounts";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { mailInvitation } from "../outbox/to-staff";

/** Hours for which an invitation opens. */
const openHours = 48;

async function makeLink(
  db: Queryable,
  who: { personId: string | null; name: string; email: string; roles: readonly Role[] },
  by: string,
): Promise<OnceLink> {
  const [secret, at] = [freshToken(), now()];
  const until = addHours(at, openHours);
  await addInvitation(db, { ...who, id: uuid(), secretHash: tokenHash(secret), by, at, until });
  const path = `/invitation#${secret}`;
  await mailInvitation(db, who, path);
  return { path, until };
}

/** Invites somebody new. The secret is shown once and kept as a hash; an earlier invitation of the address ends. */
export async function invite(
  db: Queryable,
  { name, email, roles }: { name: string; email: string; roles: readonly Role[] },
  by: string,
): Promise<OnceLink> {
  const address = email.trim().toLowerCase();
  await takeTurns(db, `invite ${address}`);
  if (await hasAccount(db, address)) throw new AppError("address-taken", {}, "email");
  return makeLink(db, { personId: null, name: name.trim(), email: address, roles }, by);
}

/** Makes a link by which somebody of the base sets a new password. */
export async function resetLink(db: Queryable, personId: string, by: string): Promise<OnceLink> {
  const account = await staffAccount(db, personId);
  if (!account?.active) throw new AppError("no-such-person");
  return makeLink(db, { personId, name: account.name, email: account.email, roles: account.roles }, by);
}

async function openInvitation(secret: string): Promise<FoundInvitation> {
  await throttleAddress("invitation");
  const found = await findInvitation(tokenHash(secret), now());
  if (!found) throw new AppError("invitation-closed");
  return found;
}

/** Whom an invitation is for. */
export async function invitedBy(secret: string): Promise<Invited> {
  const { baseName, name, email, roles, personId } = await openInvitation(secret);
  return { base: baseName, name, email, roles, isReset: personId !== null };
}

/** Takes an invitation: of two at once, one gets the account and the other is told. */
export async function acceptInvitation(secret: string, password: string): Promise<void> {
  const found = await openInvitation(secret);
  needGoodPassword(password, [found.name, found.email, found.baseName]);
  const passwordHash = await hashPassword(password);
  await inBaseTransaction(found.baseId, async (db) => {
    if (!(await useInvitation(db, found.id, now()))) throw new AppError("invitation-closed");
    const id = found.personId ?? uuid();
    if (found.personId === null) {
      const { name, email, roles } = found;
      if (!(await addStaff(db, { id, name, email, passwordHash, roles }))) throw new AppError("address-taken");
    } else {
      if (!(await staffAccount(db, id))?.active) throw new AppError("invitation-closed");
      await setPassword(db, id, passwordHash);
      // who had the old password is out everywhere
      await endSessionsOf(db, id, now());
      await endGrantsOf(db, id, now());
    }
    // a link sets the password alone: with a second factor one signs in with the code as well
    if ((await factorState(db, id)).since === null) await openSession(db, { staffId: id });
  });
}
