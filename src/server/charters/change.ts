import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { changeCharter } from "@/api/charters";
import type { StayView } from "@/api/schemas/desk";
import { canonicalJson } from "@/core/basics/digest";
import { sameInstant } from "@/core/basics/instant";
import { now } from "../clock";
import { addCharterChange, changeAgreed, changesOf } from "../db/charter-entries";
import { findStay, languageOfCharter, staysOfCharter } from "../db/charters";
import { findYacht } from "../db/yachts";
import type { Queryable } from "../db/pool";
import { agree } from "./agree";

/** Changes what was agreed in a charter, with a reason that stays. */
export async function changeAgreement(
  db: Queryable,
  stayId: string,
  given: Static<typeof changeCharter.body>,
  by: string,
): Promise<Record<string, never>> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-charter");
  if (stay.calledOff !== null) throw new AppError("called-off");
  const { charterId } = stay;
  const found = await agree(db, given, stayId);
  const stays = await staysOfCharter(db, charterId);
  refuseWhatStands(stay, stays, found);
  // who signed, signed for this charter
  const people = found.skipperId !== stay.skipperId || found.chartererId !== stay.chartererId;
  if (people && stays.some(({ handovers }) => handovers.some(({ kind }) => kind !== "prep")))
    throw new AppError("charter-begun", { what: "people" }, "charterer");
  const was = {
    ...wordsOf(stay, stay.yachtName),
    language: await languageOfCharter(db, charterId),
  };
  const yacht = await findYacht(db, { id: found.yachtId });
  const became = {
    yacht: yacht?.name ?? "",
    startsAt: found.startsAt,
    endsAt: found.endsAt,
    aboard: found.aboard,
    skipper: found.skipperId,
    charterer: found.chartererId,
    language: found.language,
  };
  if (canonicalJson(was) === canonicalJson(became)) throw new AppError("charter-same");
  const { onNumber, why, told } = given;
  const last = (await changesOf(db, charterId))[0]?.number ?? 0;
  const change = { onNumber, at: now(), by, why: why.trim(), told: told.trim(), was, became };
  if (last !== onNumber || !(await addCharterChange(db, charterId, change))) throw new AppError("charter-changed");
  await changeAgreed(db, { ...found, charterId, stayId });
  return {};
}

/**
 * Refuses to move what a handover was opened on: yacht and start once anything was opened aboard, the end once the
 * check-out was; and where the charter changes over from one yacht to the next.
 *
 * @param stays every stay of its charter
 */
export function refuseWhatStands(
  stay: StayView,
  stays: readonly StayView[],
  found: Pick<StayView, "yachtId" | "startsAt" | "endsAt">,
): void {
  const isBegun = stay.part > 1 || stay.handovers.length > 0;
  const isFollowed = stays.some(({ part, calledOff }) => part > stay.part && calledOff === null);
  const isEnding = isFollowed || stay.handovers.some(({ kind }) => kind === "check-out");
  if (isBegun && (found.yachtId !== stay.yachtId || !sameInstant(found.startsAt, stay.startsAt)))
    throw new AppError("charter-begun", { what: "start" }, found.yachtId === stay.yachtId ? "fromDay" : "yacht");
  if (isEnding && !sameInstant(found.endsAt, stay.endsAt))
    throw new AppError("charter-begun", { what: "end" }, "toDay");
}

/** What is agreed, of people their ids alone: names can be erased. */
const wordsOf = (stay: StayView, yacht: string) => ({
  yacht,
  startsAt: new Date(stay.startsAt).toISOString(),
  endsAt: new Date(stay.endsAt).toISOString(),
  aboard: stay.aboard,
  skipper: stay.skipperId,
  charterer: stay.chartererId,
});
