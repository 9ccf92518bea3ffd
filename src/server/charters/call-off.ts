import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { callOffCharter } from "@/api/charters";
import type { StayView } from "@/api/schemas/desk";
import { callOffFault } from "@/core/charters/call-off";
import { freeFrom } from "@/core/charters/days";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { addCharterChange, changesOf, promisedTo, setCalledOff, setEnd } from "../db/charter-entries";
import { findStay, staysOfCharter } from "../db/charters";
import { closedIn } from "../db/closings";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { closeBook } from "../db/ways-in";
import { isEnding } from "./other-yacht";
import { closedError, promisedError } from "./promised";

/**
 * Calls a charter off, or lets it take place after all, with a reason that stays. Its days are free, its boat book is
 * closed; what is held of its deposit is given back by hand.
 *
 * @throws AppError where it was handed over, does not begin yet, or another has its days by now
 */
export async function callOff(
  db: Queryable,
  stayId: string,
  { onNumber, to, why, told }: Static<typeof callOffCharter.body>,
  by: string,
): Promise<Record<string, never>> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-charter");
  const { charterId, part } = stay;
  await takeTurns(db, `promise ${stay.yachtId}`);
  const at = now();
  const isHandedOver = stay.handovers.some(({ kind, seals }) => kind === "check-in" && seals.length > 0);
  const fault = callOffFault({ startsAt: stay.startsAt, calledOff: stay.calledOff, isHandedOver, part }, to, at);
  if (fault) throw new AppError("call-off-wrong", { what: fault.replaceAll("-", "") });
  if (to === null) await refuseWhereTaken(db, stay);
  const last = (await changesOf(db, charterId))[0]?.number ?? 0;
  const of = part > 1 ? { yacht: stay.yachtName } : {};
  const change = {
    ...{ onNumber, at, by, why: why.trim(), told: told.trim() },
    was: { ...of, calledOff: stay.calledOff },
    became: { ...of, calledOff: to },
  };
  if (last !== onNumber || !(await addCharterChange(db, charterId, change))) throw new AppError("charter-changed");
  await setCalledOff(db, stayId, to);
  if (part > 1) await keepFirst(db, stay);
  else if (to !== null) await closeBook(db, charterId, at);
  return {};
}

/** Where the second yacht of a charter is not needed after all: they keep the first one until the end, unless she is back. */
async function keepFirst(db: Queryable, stay: StayView): Promise<void> {
  const first = await stayBeforeIn(db, stay);
  if (!first || isEnding(first)) return;
  await takeTurns(db, `promise ${first.yachtId}`);
  await refuseWhereTaken(db, { ...first, endsAt: stay.endsAt });
  const { turnRoundHours } = (await currentList(db, "charters")).list;
  const { endsAt } = stay;
  await setEnd(db, { stayId: first.stayId, endsAt, freeFrom: freeFrom(endsAt, turnRoundHours) });
}

/** The stay on the yacht before, in the same charter; null for the first. */
export async function stayBeforeIn(db: Queryable, { charterId, part }: StayView): Promise<StayView | null> {
  const before = (await staysOfCharter(db, charterId)).filter((each) => each.part < part && each.calledOff === null);
  return before.at(-1) ?? null;
}

async function refuseWhereTaken(
  db: Queryable,
  { stayId, yachtId, yachtName, startsAt, endsAt }: StayView,
): Promise<void> {
  const { timeZone } = await currentBase(db);
  const other = await promisedTo(db, { yachtId, startsAt, endsAt, until: "free_from", exceptStayId: stayId });
  if (other) throw promisedError(yachtName, other, timeZone);
  const closing = await closedIn(db, { yachtId, startsAt, endsAt });
  if (closing) throw closedError(yachtName, closing, timeZone);
}
