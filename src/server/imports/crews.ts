import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { takeCrews } from "@/api/imports";
import type { CrewView, GivenCrews } from "@/api/schemas/imports";
import { digestOf } from "@/core/basics/digest";
import { crewCells, crewFates, crewHeads, type CrewFate, type CrewRow } from "@/core/imports/crew";
import { tableToCsv } from "@/formats/table-csv";
import { now } from "../clock";
import { addCrewList } from "../db/crew";
import { crewsToCome, knownCrews } from "../db/imports";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { csvFile } from "../http/json-file";

/** What would become of the crew list of each charter that a list names. */
export async function lookThroughCrewLists(
  db: Queryable,
  given: GivenCrews,
): Promise<{ crews: CrewView[]; seen: string }> {
  const { fates, seen } = await crewFatesIn(db, given);
  return { crews: fates.map(({ becomes: _becomes, ...view }) => view), seen };
}

async function crewFatesIn(db: Queryable, { columns, rows }: GivenCrews): Promise<{ fates: CrewFate[]; seen: string }> {
  const given = rows.map(({ line, cells }): CrewRow => ({
    line,
    cells: Object.fromEntries(columns.map((column, place) => [column, cells[place] ?? ""])),
  }));
  const references = [...new Set(given.map(({ cells }) => (cells.reference ?? "").trim().toLowerCase()))];
  const known = await knownCrews(db, references);
  const fates = crewFates(given, known);
  // a crew is taken over the one that was seen, and over no other
  return { fates, seen: digestOf([fates, known.map(({ reference, crew }) => ({ reference, crew }))]) };
}

/**
 * Takes crew lists in, all that the list brings or nothing, as it was looked through.
 *
 * @throws AppError where something changed since, or it brings nothing
 */
export async function takeCrewLists(
  db: Queryable,
  { seen, ...given }: Static<typeof takeCrews.body>,
  by: string,
): Promise<{ taken: number }> {
  await takeTurns(db, "crew lists");
  const looked = await crewFatesIn(db, given);
  if (looked.seen !== seen) throw new AppError("list-seen-changed");
  const taken = looked.fates.flatMap(({ becomes }) => (becomes ? [becomes] : []));
  if (taken.length === 0) throw new AppError("list-brings-nothing");
  const at = now();
  for (const { stayId, crew } of taken) await addCrewList(db, stayId, crew, by, at);
  return { taken: taken.length };
}

/** The crew lists of charters that are not over as CSV. */
export async function crewsCsv(db: Queryable): Promise<Response> {
  const crews = await crewsToCome(db, now());
  const rows = crews.flatMap(({ reference, crew }) => crew.map((member) => crewCells(reference, member)));
  return csvFile(tableToCsv(crewHeads, rows), "crews.csv");
}
