import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { noteComing } from "@/api/charters";
import type { ComingView } from "@/api/schemas/charters";
import { wallClock } from "@/core/basics/wall-clock";
import { addHours, dayIn, instantIn } from "@/core/basics/instant";
import { farBelow } from "@/core/briefing/far-below";
import { studyState } from "@/core/briefing/study/study";
import { guestReady, worstFirst } from "@/core/charters/guest-ready";
import { depositMet } from "@/core/settlement/terms";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { findStay, staysBetween } from "../db/charters";
import { addComing, comingOf } from "../db/coming";
import type { Queryable } from "../db/pool";
import { studyAnswersOfAll } from "../db/study";
import { yachtsById } from "../db/yachts";
import { whyMailStays } from "../outbox/leaves";

/** How far ahead guests are looked at. */
const daysAhead = 8;

/** The guests of the week to come, those that need most first. */
export async function comingView(db: Queryable): Promise<ComingView> {
  const base = await currentBase(db);
  const at = now();
  const near = await staysBetween(db, addHours(at, -24), addHours(at, daysAhead * 24));
  const stays = near.filter(
    ({ endsAt, handovers }) =>
      Date.parse(endsAt) > Date.parse(at) &&
      !handovers.some(({ kind, seals }) => kind === "check-in" && seals.length > 0),
  );
  const known = await comingOf(
    db,
    stays.map(({ stayId }) => stayId),
  );
  const answers = await studyAnswersOfAll(
    db,
    stays.map(({ stayId }) => stayId),
  );
  // a file is needed only where there is experience to measure by it
  const studied = stays.filter(({ stayId }) => (answers.get(stayId) ?? []).length > 0);
  const yachts = await yachtsById(
    db,
    studied.map(({ yachtId }) => yachtId),
  );
  const rows = stays.flatMap((stay) => {
    const coming = known.get(stay.stayId);
    if (!coming) return [];
    const said = answers.get(stay.stayId) ?? [];
    const file = yachts.get(stay.yachtId)?.file;
    const { experience, questions } = studyState(said, []);
    const below = file && experience ? farBelow(file, experience) : null;
    const { startsAt, aboard } = stay;
    const facts = {
      ...coming,
      startsAt,
      aboard,
      studied: said.length,
      depositMet: depositMet(stay.terms, stay.heldMinor),
      isFarBelow: below !== null,
    };
    return [
      {
        charterId: stay.charterId,
        stayId: stay.stayId,
        reference: stay.reference,
        yacht: stay.yachtName,
        skipper: stay.skipper,
        startsAt,
        aboard,
        crew: coming.crew,
        studied: said.length,
        asked: [...new Set(questions.map(({ words }) => words))],
        linkAt: coming.linkAt,
        openedAt: coming.openedAt,
        extras: coming.extras,
        arrives: coming.arrivesAt && wallClock(coming.arrivesAt, base.timeZone).time,
        papersSeen: coming.papersSeen,
        onNumber: coming.onNumber,
        below,
        ready: guestReady(facts, at),
      },
    ];
  });
  return { timeZone: base.timeZone, mailStays: whyMailStays(base), rows: worstFirst(rows) };
}

/**
 * Notes when a charter's guests arrive and that their papers were seen.
 *
 * @throws AppError where somebody noted something meanwhile
 */
export async function noteOfComing(
  db: Queryable,
  charterId: string,
  { onNumber, arrives, papersSeen }: Static<typeof noteComing.body>,
  by: string,
): Promise<Record<string, never>> {
  const stay = await findStay(db, { charterId });
  if (!stay) throw new AppError("no-such-charter");
  const { timeZone } = await currentBase(db);
  // they arrive on the day that the charter begins, by the base's clock
  const arrivesAt = arrives === null ? null : instantIn(dayIn(stay.startsAt, timeZone), arrives, timeZone);
  if (!(await addComing(db, charterId, { onNumber, arrivesAt, papersSeen, by, at: now() })))
    throw new AppError("charter-changed");
  return {};
}
