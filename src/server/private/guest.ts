import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { eraseGuest, heldOfGuest } from "../db/private";
import { jsonFile } from "../http/json-file";

/** Everything that the base holds of a guest, as a file. */
export async function heldFile(db: Queryable, guest: string): Promise<Response> {
  const held = await heldOfGuest(db, guest);
  if (!held) throw new AppError("no-such-guest");
  const { name } = await currentBase(db);
  return jsonFile({ form: 1, base: name, at: now(), ...held }, `held-of-${guest.slice(0, 8)}.json`);
}

/** Erases what is held of a guest, at the guest's own wish. */
export async function eraseOnRequest(
  db: Queryable,
  guest: string,
  why: string,
  by: string,
): Promise<Record<string, never>> {
  const came = await eraseGuest(db, guest, { by, why: why.trim(), at: now() });
  if (came === "unknown") throw new AppError("no-such-guest");
  if (came === "not-over") throw new AppError("charter-not-over");
  return {};
}
