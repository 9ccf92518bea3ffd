import "server-only";
import type { ImportStart } from "@/api/schemas/imports";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { importRuns } from "../db/import-runs";
import type { Queryable } from "../db/pool";

const shownRuns = 20;

/** What the page for taking lists in begins with. */
export async function importStart(db: Queryable): Promise<ImportStart> {
  const { list, number } = await currentList(db, "imports");
  return {
    timeZone: (await currentBase(db)).timeZone,
    mappings: list,
    mappingsNumber: number,
    runs: await importRuns(db, shownRuns),
  };
}
