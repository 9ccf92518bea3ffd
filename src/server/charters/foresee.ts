import "server-only";
import { AppError } from "@/api/app-error";
import type { StayView } from "@/api/schemas/desk";
import { effectsOf, type AgreedStay, type Effect, type EffectFacts } from "@/core/charters/effects";
import type { MessageKind } from "@/core/messages/kinds";
import { now } from "../clock";
import { findStay } from "../db/charters";
import { neighboursOf } from "../db/charter-entries";
import { crewOf } from "../db/crew";
import { hiredOf } from "../db/hired-extras";
import { messagesOf } from "../db/messages";
import type { Queryable } from "../db/pool";
import { studyAnswersOf } from "../db/study";
import { hasOpenLink } from "../db/ways-in";
import { agreeOnYacht, type AgreedOnYacht } from "./agree";
import { refuseWhatStands } from "./change";

/** Messages that tell yacht or days. */
const tellDays: readonly string[] = [
  "what-to-bring",
  "book-link",
  "study-reminder",
  "due-back",
] satisfies MessageKind[];

/**
 * What a change of a charter would do.
 *
 * @param becomes null where it is called off
 * @throws AppError as the change itself would
 */
export async function foresee(
  db: Queryable,
  charterId: string,
  becomes: AgreedOnYacht | null,
): Promise<{ effects: Effect[] }> {
  const stay = await findStay(db, { charterId });
  if (!stay) throw new AppError("no-such-charter");
  if (becomes === null) return { effects: effectsOf(await factsOf(db, stay, stay), null) };
  const found = await agreeOnYacht(db, becomes, stay.stayId);
  refuseWhatStands(stay, found);
  const after: AgreedStay = { ...found, yacht: found.yachtName, aboard: becomes.aboard };
  return { effects: effectsOf(await factsOf(db, stay, found), after) };
}

async function factsOf(
  db: Queryable,
  stay: StayView,
  found: { yachtId: string; startsAt: string; endsAt: string },
): Promise<EffectFacts> {
  const { charterId, stayId, heldMinor, aboard } = stay;
  const of = (kind: string) => stay.handovers.find((each) => each.kind === kind);
  const [prep, checkIn] = [of("prep"), of("check-in")];
  const kinds = (await messagesOf(db, stayId)).map(({ kind }) => kind as MessageKind);
  const { before, after } = await neighboursOf(db, { ...found, exceptStayId: stayId });
  return {
    was: {
      yacht: stay.yachtName,
      startsAt: new Date(stay.startsAt).toISOString(),
      endsAt: new Date(stay.endsAt).toISOString(),
      aboard,
    },
    heldMinor,
    prep: prep ? (prep.prepDone ? "done" : "begun") : "none",
    checkIn: checkIn ? (checkIn.sealedAt ? "signed" : "open") : "none",
    hasStudied: (await studyAnswersOf(db, charterId)).length > 0,
    crew: (await crewOf(db, stayId)).length,
    extras: (await hiredOf(db, charterId)).hired.length,
    told: [...new Set(kinds)].filter((kind) => tellDays.includes(kind)),
    hasBook: await hasOpenLink(db, charterId, now()),
    before,
    after,
  };
}
