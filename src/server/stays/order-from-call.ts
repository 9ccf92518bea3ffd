import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import { wallClock } from "@/core/basics/wall-clock";
import { faultsOf } from "@/core/faults/fault";
import { troublesOf } from "@/core/faults/trouble";
import { isOfTrouble } from "@/core/underway/log/entry";
import { englishTranslator } from "@/messages/translator";
import { faultTitle, troubleLines } from "@/messages/trouble-words";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { boatLogOf } from "../db/boat-log";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { reportDefect } from "../upkeep/report-defect";
import { requireStay } from "./require";

/** How much of what was found stands in the order. */
const mostWords = 500;

/** What a work order for a fault is about; the next crew's book finds it by that. */
export const subjectOfFault = (fault: string): string => `fault:${fault}`;

/**
 * Makes a work order of what a crew told of a trouble, with what it found; one that lies for the same fault gets a step
 * more instead.
 *
 * @throws AppError for a trouble that this crew has not told
 */
export async function orderFromCallOf(
  db: Queryable,
  stayId: string,
  troubleId: string,
  personId: string,
): Promise<Record<string, never>> {
  const stay = await requireStay(db, stayId);
  // two who tap at once make one order
  await takeTurns(db, `fault orders ${stay.yachtId}`);
  const log = await boatLogOf(db, stayId);
  const trouble = troublesOf(log.filter(isOfTrouble)).find(({ id }) => id === troubleId);
  const yacht = await findYacht(db, { id: stay.yachtId });
  if (!trouble || !yacht) throw new AppError("no-such-trouble");
  const { timeZone } = await currentBase(db);
  const t = englishTranslator();
  const fault = faultsOf(yacht.file).find(({ key }) => key === trouble.fault);
  const lines = fault ? troubleLines(t, yacht.file, fault, trouble, (at) => wallClock(at, timeZone).time) : [];
  await reportDefect(db, {
    id: uuid(),
    yachtId: stay.yachtId,
    handoverId: null,
    subject: subjectOfFault(trouble.fault),
    place: fault?.place ?? null,
    title: fault ? faultTitle(t, fault) : trouble.fault,
    words: [`${stay.reference}.`, trouble.calls.at(-1)?.words ?? "", ...lines]
      .filter(Boolean)
      .join(" ")
      .slice(0, mostWords),
    safety: false,
    at: now(),
    by: personId,
  });
  return {};
}
