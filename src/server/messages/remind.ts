import "server-only";
import { addHours } from "@/core/basics/instant";
import { dueMessages } from "@/core/messages/due";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { takeTurns } from "../db/locks";
import { staysToRemind } from "../db/messages";
import type { Queryable } from "../db/pool";
import { messageSettings } from "./settings";
import { writeTo } from "./write";

/** The farthest day ahead that any kind looks, with room for a time zone. */
const daysAhead = 9;

/** Writes what is due by itself at a base. However many processes come to it, nothing is written twice. */
export async function remindWhereDue(db: Queryable): Promise<number> {
  await takeTurns(db, "messages by themselves");
  const base = await currentBase(db);
  const { byHandOnly } = await messageSettings(db);
  const at = now();
  let written = 0;
  for (const stay of await staysToRemind(db, at, addHours(at, daysAhead * 24)))
    for (const kind of dueMessages(stay, at, base.timeZone, byHandOnly))
      written += (await writeTo(db, stay.stayId, kind, { once: "by itself" })).length;
  return written;
}
