import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { callOffCharter } from "@/api/charters";
import { callOffFault } from "@/core/charters/call-off";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { addCharterChange, changesOf, promisedTo, setCalledOff } from "../db/charter-entries";
import { findStay } from "../db/charters";
import { closedIn } from "../db/closings";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { closeBook } from "../db/ways-in";
import { closedError, promisedError } from "./promised";

/**
 * Calls a charter off, or lets it take place after all, with a reason that stays. Its days are free, its boat book is
 * closed; what is held of its deposit is given back by hand.
 *
 * @throws AppError where it was handed over, does not begin yet, or another has its days by now
 */
export async function callOff(
  db: Queryable,
  charterId: string,
  { onNumber, to, why, told }: Static<typeof callOffCharter.body>,
  by: string,
): Promise<Record<string, never>> {
  const stay = await findStay(db, { charterId });
  if (!stay) throw new AppError("no-such-charter");
  await takeTurns(db, `promise ${stay.yachtId}`);
  const at = now();
  const isHandedOver = stay.handovers.some(({ kind, seals }) => kind === "check-in" && seals.length > 0);
  const fault = callOffFault({ startsAt: stay.startsAt, calledOff: stay.calledOff, isHandedOver }, to, at);
  if (fault) throw new AppError("call-off-wrong", { what: fault.replaceAll("-", "") });
  if (to === null) await refuseWhereTaken(db, stay);
  const last = (await changesOf(db, charterId))[0]?.number ?? 0;
  const change = {
    onNumber,
    at,
    by,
    why: why.trim(),
    told: told.trim(),
    was: { calledOff: stay.calledOff },
    became: { calledOff: to },
  };
  if (last !== onNumber || !(await addCharterChange(db, charterId, change))) throw new AppError("charter-changed");
  await setCalledOff(db, charterId, to);
  if (to !== null) await closeBook(db, charterId, at);
  return {};
}

async function refuseWhereTaken(
  db: Queryable,
  { stayId, yachtId, yachtName, startsAt, endsAt }: NonNullable<Awaited<ReturnType<typeof findStay>>>,
): Promise<void> {
  const { timeZone } = await currentBase(db);
  const other = await promisedTo(db, { yachtId, startsAt, endsAt, until: "free_from", exceptStayId: stayId });
  if (other) throw promisedError(yachtName, other, timeZone);
  const closing = await closedIn(db, { yachtId, startsAt, endsAt });
  if (closing) throw closedError(yachtName, closing, timeZone);
}
