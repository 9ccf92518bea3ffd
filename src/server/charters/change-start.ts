import "server-only";
import type { CharterForm, Guest } from "@/api/schemas/charters";
import type { StayView } from "@/api/schemas/desk";
import type { Language } from "@/core/basics/languages";
import { daysIn, type AgreedDays } from "@/core/charters/days";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { yachtsTaken } from "../db/calendar";
import { changesOf, findGuest } from "../db/charter-entries";
import { languageOfCharter } from "../db/charters";
import type { Queryable } from "../db/pool";
import { yachtsToChoose } from "../db/yachts";

/** What the form for a change of a charter begins with. */
export async function changeStart(
  db: Queryable,
  stay: StayView,
): Promise<{
  yachts: CharterForm["yachts"];
  charterer: Guest | null;
  skipper: Guest | null;
  language: Language;
  days: AgreedDays;
  onNumber: number;
  goesOn: { fromDay: string; outAt: string; taken: Record<string, string | null> } | null;
}> {
  const { timeZone } = await currentBase(db);
  const at = now();
  const { fromDay, outAt } = daysIn(at, stay.endsAt, timeZone);
  const isUnderWay = Date.parse(at) > Date.parse(stay.startsAt) && Date.parse(at) < Date.parse(stay.endsAt);
  return {
    yachts: await yachtsToChoose(db),
    charterer: await findGuest(db, stay.chartererId),
    skipper: await findGuest(db, stay.skipperId),
    language: await languageOfCharter(db, stay.charterId),
    days: daysIn(stay.startsAt, stay.endsAt, timeZone),
    onNumber: (await changesOf(db, stay.charterId))[0]?.number ?? 0,
    goesOn: isUnderWay ? { fromDay, outAt, taken: await yachtsTaken(db, at, stay.endsAt) } : null,
  };
}
