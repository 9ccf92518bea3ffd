import "server-only";
import { AppError } from "@/api/app-error";
import type { OpenDrill, SentFault } from "@/api/schemas/drills";
import { devices } from "@/core/drills/devices";
import { findStay } from "../db/charters";
import { drillOpenOn, sendToOpenDrill, watchOpenDrills } from "../db/open-drills";
import type { Queryable } from "../db/pool";

async function charterOf(db: Queryable, stayId: string): Promise<string> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-stay");
  return stay.charterId;
}

/**
 * The drills that are open just now on devices of a stay's charter.
 *
 * @throws AppError where there is no such stay
 */
export const openDrillsOf = async (db: Queryable, stayId: string): Promise<OpenDrill[]> =>
  watchOpenDrills(db, await charterOf(db, stayId));

/**
 * Gives an open drill a fault that its device can have; null takes it away.
 *
 * @throws AppError where there is no such stay, the drill is not open any more, or its device has no such fault
 */
export async function giveFault(
  db: Queryable,
  stayId: string,
  { panel, fault }: { panel: string; fault: SentFault["fault"] },
): Promise<void> {
  const charterId = await charterOf(db, stayId);
  const drill = await drillOpenOn(db, charterId, panel);
  if (drill === null) throw new AppError("drill-closed");
  const device = devices.find(({ name }) => name === drill.split(".")[0]);
  if (fault !== null && !device?.faults.includes(fault)) throw new AppError("no-such-fault", { fault }, "/fault");
  if (!(await sendToOpenDrill(db, charterId, panel, fault))) throw new AppError("drill-closed");
}
