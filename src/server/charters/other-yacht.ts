import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { giveOtherYacht } from "@/api/charters";
import type { StayView } from "@/api/schemas/desk";
import { instantIn, isDay, type Instant } from "@/core/basics/instant";
import { daysIn, freeFrom } from "@/core/charters/days";
import { otherYachtFault } from "@/core/charters/other-yacht";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { addCharterChange, addStay, changesOf, setEnd } from "../db/charter-entries";
import { findStay, staysOfCharter } from "../db/charters";
import { addCrewList, crewOf } from "../db/crew";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { agreeOnYacht } from "./agree";

/** The yacht that a charter goes on with, and from when. */
export interface GoingOnWith {
  yacht: string;
  fromDay: string;
  outAt: string;
}

/** The other yacht as she was found free from an instant until the end of the charter. */
export interface FoundOther {
  yachtId: string;
  yachtName: string;
  from: Instant;
  endsAt: Instant;
  freeFrom: Instant;
}

/**
 * The yacht that a charter goes on with, free from an hour until the charter's end.
 *
 * @throws AppError where she is promised or takes too few, where the hour is not within the charter, or the first yacht
 *   is not out
 */
export async function agreeOnOther(db: Queryable, stay: StayView, becomes: GoingOnWith): Promise<FoundOther> {
  if (stay.calledOff !== null) throw new AppError("called-off");
  const { timeZone } = await currentBase(db);
  if (!isDay(becomes.fromDay)) throw new AppError("days-wrong", { what: "noday" }, "fromDay");
  const from = instantIn(becomes.fromDay, becomes.outAt, timeZone);
  const stays = await staysOfCharter(db, stay.charterId);
  const fault = otherYachtFault(
    {
      yacht: stay.yachtSlug,
      startsAt: stay.startsAt,
      endsAt: stay.endsAt,
      isHandedOver: stay.handovers.some(({ kind, sealedAt }) => kind === "check-in" && sealedAt !== null),
      isFollowed: stays.some(({ part, calledOff }) => part > stay.part && calledOff === null),
    },
    { yacht: becomes.yacht, from },
  );
  if (fault)
    throw new AppError(
      "other-yacht-wrong",
      { what: fault.replaceAll("-", ""), yacht: stay.yachtName },
      fault === "before-start" || fault === "after-end" ? "fromDay" : "yacht",
    );
  const { toDay, backAt } = daysIn(stay.startsAt, stay.endsAt, timeZone);
  const found = await agreeOnYacht(db, { ...becomes, toDay, backAt, aboard: stay.aboard }, stay.stayId);
  return { ...found, from, endsAt: stay.endsAt };
}

/** Whether what is agreed of her return stands: her check-out was opened. */
export const isEnding = ({ handovers }: StayView): boolean => handovers.some(({ kind }) => kind === "check-out");

/**
 * Lets a charter that is under way go on with another yacht: a second stay, with its own prep, check-in, check-out and
 * statement. The crew list goes along; the first yacht is due back when the second one is out.
 *
 * @throws AppError as {@link agreeOnOther}, and over another's change unseen
 */
export async function goOnWithOther(
  db: Queryable,
  stayId: string,
  { onNumber, why, told, ...becomes }: Static<typeof giveOtherYacht.body>,
  by: string,
): Promise<{ id: string; reference: string }> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-charter");
  await takeTurns(db, `other yacht ${stay.charterId}`);
  const found = await agreeOnOther(db, stay, becomes);
  const at = now();
  const change = {
    ...{ onNumber, at, by, why: why.trim(), told: told.trim() },
    was: { yacht: stay.yachtName },
    became: { yacht: found.yachtName, goesOnAt: found.from },
  };
  const last = (await changesOf(db, stay.charterId))[0]?.number ?? 0;
  if (last !== onNumber || !(await addCharterChange(db, stay.charterId, change))) throw new AppError("charter-changed");
  const { turnRoundHours } = (await currentList(db, "charters")).list;
  if (!isEnding(stay)) await setEnd(db, { stayId, endsAt: found.from, freeFrom: freeFrom(found.from, turnRoundHours) });
  const { charterId, aboard } = stay;
  const next = { ...found, charterId, aboard, stayId: uuid(), startsAt: found.from };
  const reference = await addStay(db, next);
  const crew = await crewOf(db, stayId);
  if (crew.length > 0) await addCrewList(db, next.stayId, crew, by, at);
  return { id: next.stayId, reference };
}
