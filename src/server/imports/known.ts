import "server-only";
import type { GivenList } from "@/api/schemas/imports";
import { addDays } from "@/core/basics/instant";
import { usualLanguage } from "@/core/basics/languages";
import type { KnownBase } from "@/core/imports/known";
import type { GivenRow } from "@/core/imports/row";
import { referenceOf } from "@/core/imports/row";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { closingsBetween } from "../db/closings";
import { guestsOfNames, heldAfter, knownCharters } from "../db/imports";
import type { Queryable } from "../db/pool";
import { yachtsToChoose } from "../db/yachts";

/** The rows of a list by their columns. */
export const rowsOf = ({ columns, rows }: GivenList): GivenRow[] =>
  rows.map(({ line, cells }) => ({
    line,
    cells: Object.fromEntries(columns.map((column, place) => [column, cells[place] ?? ""])),
  }));

// nobody enters what was over so long ago, or agrees so far ahead
const [daysBack, daysAhead] = [4000, 4000];

/** What the base knows of all that the rows of a list speak of. */
export async function knownTo(db: Queryable, rows: readonly GivenRow[], order: GivenList["order"]): Promise<KnownBase> {
  const base = await currentBase(db);
  const { list } = await currentList(db, "charters");
  const at = now();
  const [from, until] = [-daysBack, daysAhead].map((days) => `${addDays(at.slice(0, 10), days)}T00:00:00.000Z`);
  const texts = (of: (cells: GivenRow["cells"]) => (string | undefined)[]) => [
    ...new Set(rows.flatMap(({ cells }) => of(cells)).flatMap((text) => (text ? [text.trim().toLowerCase()] : []))),
  ];
  return {
    order,
    timeZone: base.timeZone,
    now: at,
    usual: list,
    usualLanguage,
    yachts: await yachtsToChoose(db),
    charters: await knownCharters(
      db,
      texts(({ reference }) => [referenceOf(reference ?? "")]),
    ),
    held: await heldAfter(db, from ?? at),
    closings: await closingsBetween(db, from ?? at, until ?? at),
    guests: await guestsOfNames(
      db,
      texts(({ charterer, skipper }) => [charterer, skipper].map((name) => name?.replaceAll(/\s+/g, " "))),
    ),
  };
}
