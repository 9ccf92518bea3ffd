import "server-only";
import { localize } from "@/core/basics/words";
import { takeTurns } from "../db/locks";
import { addRestock, putAboardSince } from "../db/restocks";
import { lastSealedHandovers, sealedCounts } from "../db/seals";
import { fold } from "@/core/handover/fold";
import { readiness, type ShortItem } from "@/core/upkeep/readiness";
import { shortItems } from "@/core/upkeep/restock";
import type { Readiness, StayView } from "@/api/schemas/desk";
import { now } from "../clock";
import type { YachtFile } from "@/core/yacht/schema";
import { staysOut } from "../db/charters";
import { openDefectsOf } from "../db/defects";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { requireYacht } from "../yacht/require";
import { AppError } from "@/api/app-error";

/** What is to be put aboard yachts, by their last signed handovers and what was noted since; by yacht. */
async function shortOf(
  db: Queryable,
  files: ReadonlyMap<string, YachtFile>,
): Promise<ReadonlyMap<string, ShortItem[]>> {
  const last = await lastSealedHandovers(db, [...files.keys()]);
  const counts = await sealedCounts(
    db,
    last.map(({ id }) => id),
  );
  const putAboard = await putAboardSince(db, last);
  return new Map(
    last.flatMap(({ yachtId, id }): [string, ShortItem[]][] => {
      const file = files.get(yachtId);
      const counted = counts.get(id);
      if (!file || !counted) return [];
      return [[yachtId, shortItems(file, counted.list, fold(counted.entries), putAboard.get(yachtId) ?? new Map())]];
    }),
  );
}

/** What is to be put aboard a yacht. */
export async function toPutAboard(db: Queryable, yachtId: string): Promise<ShortItem[]> {
  const yacht = await findYacht(db, { id: yachtId });
  return yacht ? ((await shortOf(db, new Map([[yachtId, yacht.file]]))).get(yachtId) ?? []) : [];
}

/**
 * How ready the yachts of some stays are for their check-ins, by stay.
 *
 * @param files the files of these yachts, by their ids
 */
export async function readinessOf(
  db: Queryable,
  stays: readonly StayView[],
  files: ReadonlyMap<string, YachtFile>,
): Promise<ReadonlyMap<string, Readiness>> {
  const yachtIds = [...new Set(stays.map(({ yachtId }) => yachtId))];
  const short = await shortOf(db, new Map([...files].filter(([id]) => yachtIds.includes(id))));
  const defects = await openDefectsOf(db, yachtIds);
  const out = await staysOut(db, yachtIds);
  return new Map(
    stays.map(({ stayId, yachtId, handovers }) => {
      const missing = short.get(yachtId) ?? [];
      const found = readiness({
        isBack: !out.some((each) => each.yachtId === yachtId && each.stayId !== stayId),
        prepDone: handovers.some((each) => each.prepDone),
        work: defects
          .filter((each) => each.yachtId === yachtId)
          .map(({ title, safety, state }) => ({ title, safety, state: state === "stays" ? "stays" : "ordered" })),
        short: missing,
        unpriced: Object.values(files.get(yachtId)?.inventory ?? {})
          .filter(({ replacementMinor, consumed }) => replacementMinor === 0 && consumed !== true)
          .map(({ name }) => localize(name)),
      });
      return [stayId, { ...found, short: missing }];
    }),
  );
}

/** How ready a yacht is for a stay's check-in. */
export async function readinessFor(db: Queryable, stay: StayView): Promise<Readiness> {
  const yacht = await findYacht(db, { id: stay.yachtId });
  const files = new Map(yacht ? [[stay.yachtId, yacht.file]] : []);
  const found = (await readinessOf(db, [stay], files)).get(stay.stayId);
  if (!found) throw new Error("a stay without its readiness");
  return found;
}

/**
 * Notes that what was short has been put aboard.
 *
 * @throws AppError for a thing that is not short, or for more pieces than are
 */
export async function putAboard(
  db: Queryable,
  yachtId: string,
  line: string,
  pieces: number,
  personId: string,
): Promise<void> {
  await takeTurns(db, `restock ${yachtId}`);
  const item = (await toPutAboard(db, yachtId)).find((each) => each.line === line);
  if (!item || pieces > item.missing) throw new AppError("not-short", { missing: item?.missing ?? 0 });
  await addRestock(db, yachtId, line, pieces, personId, now());
}

/** Notes that a thing counted short was put aboard a yacht. */
export async function noteAboard(
  db: Queryable,
  slug: string,
  { line, pieces }: { line: string; pieces: number },
  personId: string,
): Promise<Record<string, never>> {
  await putAboard(db, (await requireYacht(db, slug)).id, line, pieces, personId);
  return {};
}
