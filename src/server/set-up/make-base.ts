import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { setUpBase } from "@/api/set-up";
import { roles } from "@/api/permissions";
import { needGoodPassword } from "../auth/good-password";
import { hashPassword } from "../auth/password";
import { openSession } from "../auth/session";
import { now } from "../clock";
import { inBaseTransaction } from "../db/pool";
import { addBase, useSetUp } from "../db/set-up";
import { addStaff } from "../db/accounts";
import { makeFirstKey } from "../keys/signing";
import { codeHash, needSetUpCode } from "./code";

/**
 * Makes a base with its key and its first manager, who has every role until there are others, and signs the manager in.
 * Once for each code; of two at once one makes a base and the other is told.
 */
export async function makeBase({ code, base, manager }: Static<typeof setUpBase.body>): Promise<void> {
  await needSetUpCode(code);
  if (!isZone(base.timeZone)) throw new AppError("no-such-zone", { zone: base.timeZone }, "timeZone");
  if (!Intl.supportedValuesOf("currency").includes(base.currency))
    throw new AppError("no-such-currency", { currency: base.currency }, "currency");
  const [name, email] = [manager.name.trim(), manager.email.trim().toLowerCase()];
  needGoodPassword(manager.password, [name, email, base.name, base.place]);
  const passwordHash = await hashPassword(manager.password);
  const [id, personId] = [uuid(), uuid()];
  await inBaseTransaction(id, async (db) => {
    if (!(await useSetUp(db, codeHash(code), now()))) throw new AppError("set-up-closed", {}, "code");
    await addBase(db, {
      ...base,
      id,
      name: base.name.trim(),
      place: base.place.trim(),
      channel: base.channel ?? null,
      hours: base.hours?.trim() ?? null,
    });
    await makeFirstKey(db, id);
    if (!(await addStaff(db, { id: personId, name, email, passwordHash, roles })))
      throw new AppError("address-taken", {}, "email");
    await openSession(db, { staffId: personId });
  });
}

function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: name });
    return true;
  } catch {
    return false;
  }
}
