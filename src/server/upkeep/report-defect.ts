import "server-only";
import { addDefect, addWorkStep, openDefects, workStepsOf, type NewDefect } from "../db/defects";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";

/**
 * Keeps what somebody found as a defect with its work order; where the same thing is on the list of work already, the
 * report joins that one. What was known as a nuisance and is a matter of safety now is a defect of its own.
 */
export async function reportDefect(db: Queryable, defect: NewDefect): Promise<void> {
  const known = (await openDefects(db, defect.yachtId)).find(
    (each) => each.subject === defect.subject && (each.safety || !defect.safety),
  );
  if (!known) return addDefect(db, defect);
  // the same handover read once more says nothing new
  if (known.handoverId === defect.handoverId && known.words === defect.words) return;
  await takeTurns(db, `work ${known.id}`);
  const number = ((await workStepsOf(db, known.id)) ?? 0) + 1;
  await addWorkStep(db, known.id, number, { state: known.state, words: defect.words }, defect.by, defect.at);
}
