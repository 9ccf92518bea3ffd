import "server-only";
import type { LogFilter } from "@/api/log";
import { addHours, instantIn } from "@/core/basics/instant";
import { usualRules } from "@/core/base/rules";
import type { Deed } from "@/core/log/deed";
import { deedsToCsv } from "@/formats/log-csv";
import { currentBase } from "../db/base";
import { deedsOf } from "../db/deeds";
import type { Queryable } from "../db/pool";
import { csvFile } from "../http/json-file";

const onePage = 60;
/** A file that a spreadsheet still opens. */
const oneFile = 50_000;

async function wanted(db: Queryable, { from, to, ...of }: LogFilter) {
  const { timeZone } = await currentBase(db);
  const start = (day: string) => instantIn(day, "00:00", timeZone);
  return {
    ...of,
    ...(from ? { from: start(from) } : {}),
    // the day after the last one begins when the last one is over, also where the clocks change
    ...(to ? { until: start(addHours(`${to}T12:00:00Z`, 24).slice(0, 10)) } : {}),
  };
}

/** The first change of the rules is told beside the usual ones, which held before. */
const besideUsual = (deed: Deed): Deed =>
  deed.subject === "base_rules" && deed.was === null ? { ...deed, was: { rules: usualRules } } : deed;

/** One page of the log, and the number after which the older ones come; null where there are none. */
export async function logPage(
  db: Queryable,
  filter: LogFilter,
  before?: number,
): Promise<{ deeds: Deed[]; older: number | null }> {
  const deeds = await deedsOf(db, await wanted(db, filter), { before, most: onePage + 1 });
  const shown = deeds.slice(0, onePage).map(besideUsual);
  return { deeds: shown, older: deeds.length > onePage ? (shown.at(-1)?.id ?? null) : null };
}

/** The log as a CSV file. */
export async function logCsv(db: Queryable, filter: LogFilter): Promise<Response> {
  return csvFile(
    deedsToCsv((await deedsOf(db, await wanted(db, filter), { most: oneFile })).map(besideUsual)),
    "log.csv",
  );
}
