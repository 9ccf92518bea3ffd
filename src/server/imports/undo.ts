import "server-only";
import { AppError } from "@/api/app-error";
import type { StayView } from "@/api/schemas/desk";
import { daysIn } from "@/core/charters/days";
import { now } from "../clock";
import { agreeOnYacht } from "../charters/agree";
import { refuseWhatStands } from "../charters/change";
import { currentBase } from "../db/base";
import { changesOf } from "../db/charter-entries";
import { findStay, languageOfCharter, staysOfCharter } from "../db/charters";
import { holdImportRow, setUndone, takeBackCharter, type Stood, type TakenRow } from "../db/import-runs";
import { addChanges, changeCharters } from "../db/imports";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";

/**
 * Undoes a row that a list brought. How people are reached stays as the list has it.
 *
 * @throws AppError once anything was built on it, and where another has the days by now
 */
export async function undo(db: Queryable, importId: string, line: number, by: string): Promise<Record<string, never>> {
  const row = await holdImportRow(db, importId, line);
  if (!row || row.undoneAt !== null) throw new AppError("no-such-row");
  const at = now();
  if (row.fate === "new") {
    if (!(await takeBackCharter(db, row.charterId))) throw new AppError("row-built-on");
  } else await changeBack(db, row, { at, by });
  await setUndone(db, importId, line, { at, by });
  return {};
}

async function changeBack(
  db: Queryable,
  { charterId, reference, changeNumber, was }: TakenRow,
  { at, by }: { at: string; by: string },
): Promise<void> {
  const stay = await findStay(db, { charterId });
  const last = (await changesOf(db, charterId))[0];
  if (!stay || !was || last?.number !== changeNumber) throw new AppError("row-built-on");
  const yacht = await findYacht(db, { slug: was.yacht });
  if (!yacht) throw new AppError("no-such-yacht", {}, "yacht");
  await refuseWhatCannotBe(db, stay, was);
  const stands = {
    yacht: stay.yachtName,
    startsAt: stay.startsAt,
    endsAt: stay.endsAt,
    aboard: stay.aboard,
    language: await languageOfCharter(db, charterId),
    skipper: stay.skipperId,
    charterer: stay.chartererId,
    calledOff: stay.calledOff,
  };
  const { chartererId, skipperId, freeFrom, ...back } = was;
  const became = { ...back, yacht: yacht.name, skipper: skipperId, charterer: chartererId };
  const change = { charterId, number: (changeNumber ?? 0) + 1, was: stands, became };
  if ((await addChanges(db, [change], { at, by, why: last?.why ?? reference })) !== 1)
    throw new AppError("row-built-on");
  const written = { ...back, freeFrom, chartererId, skipperId, charterId, stayId: stay.stayId, reference, terms: null };
  await changeCharters(db, [written]);
}

async function refuseWhatCannotBe(db: Queryable, stay: StayView, was: Stood): Promise<void> {
  if (was.calledOff !== null) return;
  const { timeZone } = await currentBase(db);
  const days = daysIn(was.startsAt, was.endsAt, timeZone);
  const found = await agreeOnYacht(db, { yacht: was.yacht, aboard: was.aboard, ...days }, stay.stayId);
  refuseWhatStands(stay, await staysOfCharter(db, stay.charterId), {
    ...found,
    startsAt: was.startsAt,
    endsAt: was.endsAt,
  });
}
