import "server-only";
import { dayIn } from "@/core/basics/instant";
import { now } from "../clock";
import { asDoer } from "../db/doer";
import { everyOpenFollowUp } from "../db/follow-ups";
import { addLook, everyBase, lastLook, mayLook } from "../db/night";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { readWhereDue } from "../feeds/foreign";
import { followUp } from "../follow-up/follow-up";
import { log } from "../log";
import { remindWhereDue } from "../messages/remind";
import { eraseWhatHadItsTime } from "../private/keeping";
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

/** Looks over each base whose night's look is due, and does what the house does by itself. */
export async function lookWhereDue(): Promise<void> {
  const bases = await everyBase();
  for (const { id, timeZone } of bases) {
    await doAgain(id);
    await byItself(id, "write-by-itself", remindWhereDue);
    if (await lookOnce(id, timeZone)) await byItself(id, "erase-by-itself", eraseWhatHadItsTime);
  }
  // last: others may keep one waiting
  for (const { id } of bases)
    await readWhereDue(id).catch((error: Error) => log.error({ error: error.message }, "feeds were not read"));
}

/** Looks over one base where it is due, once among all processes. Returns whether it did. */
const lookOnce = (baseId: string, timeZone: string): Promise<boolean> =>
  inBaseTransaction(baseId, async (db) => {
    const at = now();
    if (!isDue(at, timeZone, (await lastLook(db))?.at ?? null) || !(await mayLook(db))) return false;
    await addLook(db, at, await lookOver(db, baseId));
    return true;
  });

/** Does a task in the house's own name. What fails is in the log, keeps nothing else from being done and is tried again at the next time. */
const byItself = (baseId: string, action: string, work: (db: Queryable) => Promise<unknown>): Promise<void> =>
  asDoer({ kind: "house", action }, () => inBaseTransaction(baseId, work)).then(
    () => undefined,
    (error: Error) => log.error({ action, error: error.message }, "a task of the house was not done"),
  );

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
