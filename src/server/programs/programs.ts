import "server-only";
import type { Static } from "@sinclair/typebox";
import { randomBytes } from "node:crypto";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { makeHook, makeProgram } from "@/api/programs";
import type { ProgramsView } from "@/api/schemas/programs";
import { tokenPrefix } from "../auth/program";
import { freshToken, tokenHash } from "../auth/token";
import { now } from "../clock";
import { currentBase } from "../db/base";
import * as hooks from "../db/hooks";
import type { Queryable } from "../db/pool";
import * as programs from "../db/programs";
import { publicAddress } from "../http-out/public-address";

/** Makes a program's token. It is shown once and kept only as a hash. */
export async function makeToken(
  db: Queryable,
  { name, scopes }: Static<typeof makeProgram.body>,
  by: string,
): Promise<{ id: string; token: string }> {
  const [id, secret] = [uuid(), freshToken()];
  await programs.addProgram(db, { id, name: name.trim(), secretHash: tokenHash(secret), scopes, by, at: now() });
  return { id, token: `${tokenPrefix}${secret}` };
}

/** Ends a token. */
export async function endToken(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await programs.endProgram(db, id, now()))) throw new AppError("no-such-program");
  return {};
}

/** How a secret of Standard Webhooks is written. */
const secretPrefix = "whsec_";

/**
 * Keeps an address that is told what happens. The secret that its calls are signed with is shown once.
 *
 * @throws AppError where the address is none in the open internet
 */
export async function keepHook(
  db: Queryable,
  { name, address, kinds }: Static<typeof makeHook.body>,
  by: string,
): Promise<{ id: string; secret: string }> {
  const url = publicAddress(address.trim());
  if (!url) throw new AppError("hook-address", {}, "address");
  const [id, secret] = [uuid(), `${secretPrefix}${randomBytes(32).toString("base64")}`];
  await hooks.addHook(db, { id, name: name.trim(), address: url.href, kinds, secret, by, at: now() });
  return { id, secret };
}

/** Ends an address. */
export async function endHook(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await hooks.endHook(db, id, now()))) throw new AppError("no-such-hook");
  return {};
}

/** Tells an address that it is heard. */
export async function tryHook(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await hooks.tryHook(db, id, now()))) throw new AppError("no-such-hook");
  return {};
}

/** Tells an address once more what it was not told. */
export async function tellAgain(db: Queryable, eventId: string): Promise<Record<string, never>> {
  if (!(await hooks.tellAgain(db, eventId))) throw new AppError("no-such-hook-event");
  return {};
}

/** Calls that the page shows. */
const shownCalls = 40;

/** What the page of other programs begins with. */
export async function programsView(db: Queryable): Promise<ProgramsView> {
  const { timeZone, isDemo } = await currentBase(db);
  return {
    timeZone,
    isDemo,
    programs: await programs.standingPrograms(db),
    hooks: await hooks.standingHooks(db),
    calls: await hooks.lastHookCalls(db, shownCalls),
  };
}
