import "server-only";
import { AppError } from "@/api/app-error";
import type { Instant } from "@/core/basics/instant";
import { isLanguage, usualLanguage, type Language } from "@/core/basics/languages";
import { daysFault, freeFrom, stayOf, type AgreedDays } from "@/core/charters/days";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { promisedTo, type NewCharter } from "../db/charter-entries";
import { closedIn } from "../db/closings";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { guestOf, type GivenGuest } from "./guests";
import { closedError, promisedError } from "./promised";

/** What two people agree on in a charter, as a form gives it. */
export interface Agreed extends AgreedDays {
  yacht: string;
  aboard: number;
  language: string;
  charterer: GivenGuest;
  skipper: GivenGuest | null;
}

/** Yacht and days of an agreement, without its people. */
export type AgreedOnYacht = AgreedDays & Pick<Agreed, "yacht" | "aboard">;

interface FoundYacht {
  yachtId: string;
  yachtName: string;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
}

type Found = Pick<
  NewCharter,
  "yachtId" | "startsAt" | "endsAt" | "freeFrom" | "aboard" | "language" | "chartererId" | "skipperId"
>;

/**
 * The yacht of an agreement, when she is out and free again.
 *
 * @param stayId of the stay that it is for, which does not stand in its own way
 * @throws AppError where the days are none, the yacht is promised or closed, or she does not take so many
 */
export async function agreeOnYacht(db: Queryable, agreed: AgreedOnYacht, stayId: string): Promise<FoundYacht> {
  const { timeZone } = await currentBase(db);
  const fault = daysFault(agreed, timeZone);
  if (fault) throw new AppError("days-wrong", { what: fault.what.replaceAll("-", "") }, fault.field);
  const yacht = await findYacht(db, { slug: agreed.yacht });
  if (!yacht) throw new AppError("no-such-yacht", {}, "yacht");
  const most = yacht.file.particulars.maximumAboard;
  if (agreed.aboard > most) throw new AppError("too-many-for-her", { yacht: yacht.name, most }, "aboard");
  await takeTurns(db, `promise ${yacht.id}`);
  const { list } = await currentList(db, "charters");
  const { startsAt, endsAt } = stayOf(agreed, timeZone);
  const free = freeFrom(endsAt, list.turnRoundHours);
  const days = { yachtId: yacht.id, startsAt, endsAt: free };
  const other = await promisedTo(db, { ...days, until: "free_from", exceptStayId: stayId });
  if (other) throw promisedError(yacht.name, other, timeZone);
  const closing = await closedIn(db, { yachtId: yacht.id, startsAt, endsAt });
  if (closing) throw closedError(yacht.name, closing, timeZone);
  return { yachtId: yacht.id, yachtName: yacht.name, startsAt, endsAt, freeFrom: free };
}

/**
 * What an agreement comes to: the yacht, when she is out and free again, the people. Those who agree on one yacht take
 * turns, so that of two at once the second is told what the first has agreed; the database refuses it besides.
 *
 * @param stayId of the stay that it is for, which does not stand in its own way
 * @throws AppError where the days are none, the yacht is promised, or she does not take so many
 */
export async function agree(db: Queryable, agreed: Agreed, stayId: string): Promise<Found> {
  const { yachtId, startsAt, endsAt, freeFrom: free } = await agreeOnYacht(db, agreed, stayId);
  const chartererId = await guestOf(db, agreed.charterer, "charterer");
  const skipperId = agreed.skipper === null ? chartererId : await guestOf(db, agreed.skipper, "skipper");
  const language: Language = isLanguage(agreed.language) ? agreed.language : usualLanguage;
  return {
    yachtId,
    startsAt,
    endsAt,
    freeFrom: free,
    aboard: agreed.aboard,
    language,
    chartererId,
    skipperId,
  };
}
