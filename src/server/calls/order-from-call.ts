import "server-only";
import { v7 as uuid } from "uuid";
import { now } from "../clock";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { reportDefect } from "../upkeep/report-defect";
import { requireStay } from "../stays/require";
import { toldTrouble } from "../trouble/told-trouble";

/** How much of what was found stands in the order. */
const mostWords = 500;

/** What a work order for a fault is about; the next crew's book finds it by that. */
const subjectOfFault = (fault: string): string => `fault:${fault}`;

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
  const { trouble, fault, title, lines } = await toldTrouble(db, stay, troubleId);
  await reportDefect(db, {
    id: uuid(),
    yachtId: stay.yachtId,
    handoverId: null,
    subject: subjectOfFault(trouble.fault),
    place: fault?.place ?? null,
    title,
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
