import "server-only";
import { now } from "../clock";
import { findHandover } from "../db/handovers";
import { noteFollowUp, openFollowUps, type FollowUp } from "../db/follow-ups";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { effectiveSeal } from "../db/seals";
import { log } from "../log";
import { objectUntil, sendCopy } from "../settlement/copies";
import { recordDefects } from "../upkeep/record-defects";

/**
 * Does what follows from a handover, each in a transaction of its own after what was signed is kept: what fails is noted,
 * told under Health and done again at night, and never undoes the record.
 */
export async function followUp(baseId: string, handoverId: string): Promise<void> {
  const open = await inBaseTransaction(baseId, (db) => openFollowUps(db, handoverId));
  for (const what of open)
    await inBaseTransaction(baseId, async (db) => {
      if (!(await openFollowUps(db, handoverId)).includes(what)) return;
      await works[what](db, handoverId);
      await noteFollowUp(db, handoverId, what, { doneAt: now(), problem: null });
    }).catch(async (error: Error) => {
      log.error({ handoverId, what, error: error.message }, "what follows from a handover was not done");
      await inBaseTransaction(baseId, (db) =>
        noteFollowUp(db, handoverId, what, { doneAt: null, problem: error.message.slice(0, 500) }),
      );
    });
}

const works: Readonly<Record<FollowUp, (db: Queryable, handoverId: string) => Promise<void>>> = {
  defects: recordDefects,
  copy: copyOfCheckOut,
};

/** A check-out that the skipper's side did not sign goes to them at once. */
async function copyOfCheckOut(db: Queryable, handoverId: string): Promise<void> {
  const [handover, seal] = [await findHandover(db, handoverId), await effectiveSeal(db, handoverId)];
  if (!handover || !seal?.manifest.without) return;
  const until = await objectUntil(db, seal.receivedAt);
  await sendCopy(db, handover.stayId, "check-out", seal.manifest.without, until);
}
