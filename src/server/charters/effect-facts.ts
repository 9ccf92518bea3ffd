import "server-only";
import type { StayView } from "@/api/schemas/desk";
import type { Instant } from "@/core/basics/instant";
import type { EffectFacts } from "@/core/charters/effects";
import type { MessageKind } from "@/core/messages/kinds";
import { now } from "../clock";
import { neighboursOf } from "../db/charter-entries";
import { crewOf } from "../db/crew";
import { hiredOf } from "../db/hired-extras";
import { messagesOf } from "../db/messages";
import type { Queryable } from "../db/pool";
import { studyAnswersOf } from "../db/study";
import { hasOpenLink } from "../db/ways-in";

/** Messages that tell yacht or days. */
const tellDays: readonly string[] = [
  "what-to-bring",
  "book-link",
  "study-reminder",
  "due-back",
] satisfies MessageKind[];

/** An instant as it is written. */
export const instantText = (instant: string): Instant => new Date(instant).toISOString();

/**
 * What stands around a stay that a change of it touches.
 *
 * @param found the yacht and days that it comes to be on
 */
export async function effectFacts(
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
      startsAt: instantText(stay.startsAt),
      endsAt: instantText(stay.endsAt),
      aboard,
    },
    heldMinor,
    prep: prep ? (prep.prepDone ? "done" : "begun") : "none",
    checkIn: checkIn ? (checkIn.sealedAt ? "signed" : "open") : "none",
    hasStudied: (await studyAnswersOf(db, stayId)).length > 0,
    crew: (await crewOf(db, stayId)).length,
    extras: (await hiredOf(db, charterId)).hired.length,
    told: [...new Set(kinds)].filter((kind) => tellDays.includes(kind)),
    hasBook: await hasOpenLink(db, charterId, now()),
    before,
    after,
  };
}
