import "server-only";
import type { GateContext } from "@/core/handover/gate";
import { depositMet } from "@/core/settlement/terms";
import { findStay } from "../db/charters";
import { openSafetyWork } from "../db/defects";
import type { HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { forecastFor } from "../weather/forecast";

/** What the base knows now and the gate of a handover looks at: the deposit, work on her safety, the forecast for the first day. */
export async function gateContext(
  db: Queryable,
  { stayId, yachtId, list }: Pick<HandoverRow, "stayId" | "yachtId" | "list">,
): Promise<GateContext> {
  const stay = await findStay(db, { stayId });
  return {
    deposit: { met: stay ? depositMet(stay.terms, stay.heldMinor) : false },
    safetyWork: await openSafetyWork(db, yachtId),
    forecast: list.kind === "check-in" ? await forecastFor(db, list.stay.fromDay) : null,
  };
}
