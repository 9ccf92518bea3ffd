import "server-only";
import type { GivenList, RowView } from "@/api/schemas/imports";
import { digestOf } from "@/core/basics/digest";
import { daysIn } from "@/core/charters/days";
import { fatesOf } from "@/core/imports/fate";
import type { RowFate } from "@/core/imports/known";
import type { GivenRow } from "@/core/imports/row";
import type { Queryable } from "../db/pool";
import { yachtNames } from "../db/yachts";
import { knownTo, rowsOf } from "./known";

/** What would become of each row of a list, and what stands for all of it. */
export async function lookThrough(db: Queryable, list: GivenList): Promise<{ rows: RowView[]; seen: string }> {
  const { fates, seen, timeZone } = await fatesIn(db, list);
  const names = new Map((await yachtNames(db)).map(({ slug, name }) => [slug, name]));
  return { rows: fates.map((fate) => viewOf(fate, timeZone, (slug) => names.get(slug) ?? slug)), seen };
}

/** The fates of the rows of a list as the base stands now. */
export const fatesIn = (db: Queryable, list: GivenList): Promise<LookedThrough> =>
  fatesOfRows(db, rowsOf(list), list.order);

/** Rows with what would become of each as the base stands now. */
export interface LookedThrough {
  fates: RowFate[];
  /** stands for all that is told of them */
  seen: string;
  timeZone: string;
}

/** The fates of rows as the base stands now. */
export async function fatesOfRows(
  db: Queryable,
  rows: readonly GivenRow[],
  order: GivenList["order"],
): Promise<LookedThrough> {
  const known = await knownTo(db, rows, order);
  const fates = fatesOf(rows, known);
  const told = fates.map(({ line, reference, fate, changes, faults, becomes }) => ({
    line,
    reference,
    fate,
    changes,
    faults: faults.map(({ column, what }) => ({ column, what })),
    // a change is made on what was seen
    onNumber: becomes?.known?.onNumber ?? null,
  }));
  return { fates, seen: digestOf(told), timeZone: known.timeZone };
}

function viewOf(
  { line, reference, fate, isKnown, changes, faults, becomes }: RowFate,
  timeZone: string,
  nameOf: (slug: string) => string,
): RowView {
  const days = becomes && daysIn(becomes.startsAt, becomes.endsAt, timeZone);
  return {
    line,
    reference,
    fate,
    isKnown,
    changes: changes.map((change) =>
      change.column === "yacht" ? { ...change, was: nameOf(change.was), becomes: nameOf(change.becomes) } : change,
    ),
    faults,
    yacht: becomes ? nameOf(becomes.yacht) : "",
    fromDay: days?.fromDay ?? "",
    toDay: days?.toDay ?? "",
    charterer: becomes?.charterer.name ?? "",
  };
}
