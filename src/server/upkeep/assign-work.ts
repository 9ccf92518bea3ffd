import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { assignDefects } from "../db/defects";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { workers } from "../db/staff";

/**
 * Gives the work on some defects to somebody who works on yachts, or to nobody again; all of them or none.
 *
 * @throws AppError for somebody who does not, and for a defect that is not there
 */
export async function assignWork(
  db: Queryable,
  { defects, person }: { defects: readonly string[]; person: string | null },
  by: string,
): Promise<Record<string, never>> {
  if (person !== null && !(await workers(db)).some(({ id }) => id === person))
    throw new AppError("no-worker", {}, "person");
  await takeTurns(db, "assign work");
  if ((await assignDefects(db, defects, person, by, now())) < new Set(defects).size)
    throw new AppError("no-such-defect");
  return {};
}
