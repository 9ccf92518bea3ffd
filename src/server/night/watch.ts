import "server-only";
import { dayIn } from "@/core/basics/instant";
import { now } from "../clock";
import { everyOpenFollowUp } from "../db/follow-ups";
import { addLook, everyBase, lastLook, mayLook } from "../db/night";
import { inBaseTransaction } from "../db/pool";
import { followUp } from "../follow-up/follow-up";
import { log } from "../log";
import { lookOver } from "./look";

/** The hour at the base from which its night's look is due: nobody works then, and the day before is over. */
const fromHour = 3;
const everyMs = 10 * 60_000;
const firstAfterMs = 60_000;

const shared = globalThis as { brinecoveNight?: boolean };

/** Looks over every base once a night for as long as the app runs; asked for again it has no effect. */
export function watchAtNight(): void {
  if (shared.brinecoveNight) return;
  shared.brinecoveNight = true;
  const look = () =>
    void lookWhereDue().catch((error: Error) => log.warn({ error: error.message }, "night's look not done"));
  setTimeout(look, firstAfterMs).unref();
  setInterval(look, everyMs).unref();
}

/** Looks over each base whose night's look is due. */
export async function lookWhereDue(): Promise<void> {
  for (const { id, timeZone } of await everyBase()) {
    await doAgain(id);
    await inBaseTransaction(id, async (db) => {
      const at = now();
      if (!isDue(at, timeZone, (await lastLook(db))?.at ?? null) || !(await mayLook(db))) return;
      await addLook(db, at, await lookOver(db, id));
    });
  }
}

/** Does once more what followed from a handover and failed, or was cut off by a stop of the app. */
async function doAgain(baseId: string): Promise<void> {
  const open = await inBaseTransaction(baseId, everyOpenFollowUp);
  for (const handover of new Set(open.map((each) => each.handover))) await followUp(baseId, handover);
}

/** Whether a base has not been looked over since its hour of today. */
export function isDue(at: string, timeZone: string, last: string | null): boolean {
  const hour = Number(
    new Intl.DateTimeFormat("en-GB", { hour: "2-digit", hourCycle: "h23", timeZone }).format(new Date(at)),
  );
  return hour >= fromHour && (last === null || dayIn(last, timeZone) < dayIn(at, timeZone));
}
