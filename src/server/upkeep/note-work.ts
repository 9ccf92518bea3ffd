import "server-only";
import { AppError } from "@/api/app-error";
import type { WorkStep } from "@/core/upkeep/defect";
import { now } from "../clock";
import { addWorkStep, isWorkStep, workStepsOf } from "../db/defects";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";

/**
 * Says how the work on a defect stands, never over another's word unseen. The same step said again has no effect, so that
 * nobody's minutes count twice.
 *
 * @param onNumber how often the work had moved when the person looked at it
 */
export async function noteWorkStep(
  db: Queryable,
  defectId: string,
  { onNumber, step }: { onNumber: number; step: WorkStep },
  personId: string,
): Promise<Record<string, never>> {
  await takeTurns(db, `work ${defectId}`);
  const steps = await workStepsOf(db, defectId);
  if (steps === null) throw new AppError("no-such-defect");
  const said = { ...step, words: step.words.trim() };
  const isAdded = steps === onNumber && (await addWorkStep(db, defectId, onNumber + 1, said, personId, now()));
  if (!isAdded && !(await isWorkStep(db, defectId, onNumber + 1, said, personId))) throw new AppError("work-changed");
  return {};
}
