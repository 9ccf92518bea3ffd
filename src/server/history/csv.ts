import "server-only";
import { addHours } from "@/core/basics/instant";
import { historyByItem } from "@/core/history/history";
import { historyToCsv } from "@/formats/history-csv";
import { now } from "../clock";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { csvFile } from "../http/json-file";
import { historyFacts } from "./facts";

const hours = 24 * 366;

/** What goes missing, what breaks and what it costs, of the last year, as a CSV file. */
export async function historyCsv(db: Queryable, slug: string | null): Promise<Response> {
  const facts = await historyFacts(db, slug, addHours(now(), -hours));
  const { currency } = await currentBase(db);
  return csvFile(historyToCsv(historyByItem(facts), currency), `history${slug === null ? "" : `-${slug}`}.csv`);
}
