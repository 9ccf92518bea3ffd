import "server-only";
import { AppError } from "@/api/app-error";
import { addHours } from "@/core/basics/instant";
import { findStay, languageOfCharter } from "../db/charters";
import type { Queryable } from "../db/pool";
import { makeCharterLink } from "./charter-link";
import { usualLanguage } from "@/core/basics/languages";

/** Days after the end of a charter until its link stops opening. */
const daysAfter = 60;

/** Until when a charter's link opens its book. */
export const bookUntil = (endsAt: string): string => addHours(endsAt, 24 * daysAfter);

/** Makes a fresh link with PIN for a charter; they are shown once. */
export async function bookLinkFor(db: Queryable, charterId: string): Promise<{ path: string; pin: string }> {
  const stay = await findStay(db, { charterId });
  if (!stay) throw new AppError("no-such-charter");
  if (stay.calledOff !== null) throw new AppError("called-off");
  const { secret, pin } = await makeCharterLink(db, charterId, bookUntil(stay.endsAt));
  const language = await languageOfCharter(db, charterId);
  return { path: `/book${language === usualLanguage ? "" : `?language=${language}`}#${secret}`, pin };
}
