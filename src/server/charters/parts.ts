import "server-only";
import type { CharterPart } from "@/api/schemas/charters";
import { staysOfCharter } from "../db/charters";
import type { Queryable } from "../db/pool";

/** The stays of a charter, one for each yacht, as they are shown side by side. */
export async function partsOf(db: Queryable, charterId: string): Promise<CharterPart[]> {
  return (await staysOfCharter(db, charterId)).map(({ part, reference, yachtName, startsAt, endsAt, calledOff }) => ({
    part,
    reference,
    yacht: yachtName,
    startsAt,
    endsAt,
    isCalledOff: calledOff !== null,
  }));
}
