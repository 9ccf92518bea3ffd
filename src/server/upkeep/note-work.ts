import "server-only";
import { AppError } from "@/api/app-error";
import type { WorkStep } from "@/core/upkeep/defect";
import { now } from "../clock";
import { addWorkStep, workStepsOf } from "../db/defects";
import type { Queryable } from "../db/pool";

/** Says how the work on a defect stands, never over another's word unseen. */
export async function noteWorkStep(
  db: Queryable,
  defectId: string,
  step: WorkStep,
  personId: string,
): Promise<Record<string, never>> {
  const steps = await workStepsOf(db, defectId);
  if (steps === null) throw new AppError("no-such-defect");
  const isAdded = await addWorkStep(db, defectId, steps + 1, { ...step, words: step.words.trim() }, personId, now());
  if (!isAdded) throw new AppError("work-changed");
  return {};
}
