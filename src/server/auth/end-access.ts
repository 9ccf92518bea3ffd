import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { endAccess } from "../db/access";
import type { Queryable } from "../db/pool";

/**
 * Ends a device's right to record, or an open boat book. What the device holds and has not sent stays on it.
 *
 * @throws AppError where it is not of this charter, or has ended already
 */
export async function endOne(
  db: Queryable,
  charterId: string,
  which: { kind: "device" | "book"; id: string },
): Promise<Record<string, never>> {
  if (!(await endAccess(db, charterId, which, now()))) throw new AppError("no-such-access");
  return {};
}
