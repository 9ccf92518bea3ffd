import "server-only";
import { takeTurns } from "../db/locks";
import { addRestock, putAboardSince } from "../db/restocks";
import { lastSealedHandover } from "../db/seals";
import { fold } from "@/core/handover/fold";
import { readiness, type ShortItem } from "@/core/upkeep/readiness";
import { shortItems } from "@/core/upkeep/restock";
import type { Readiness, StayView } from "@/api/schemas/desk";
import { now } from "../clock";
import { yachtIsBack } from "../db/charters";
import { openDefects } from "../db/defects";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { requireYacht } from "../yacht/require";
import { signedEntries } from "../record/record";
import { AppError } from "@/api/app-error";

/** What is to be put aboard a yacht, by her last signed handover and what was noted since. */
export async function toPutAboard(db: Queryable, yachtId: string): Promise<ShortItem[]> {
  const yacht = await findYacht(db, { id: yachtId });
  const last = await lastSealedHandover(db, yachtId);
  const handover = last && (await findHandover(db, last.id));
  const signed = last && (await signedEntries(db, last.id));
  if (!yacht || !last || !handover || !signed) return [];
  return shortItems(yacht.file, handover.list, fold(signed.entries), await putAboardSince(db, yachtId, last.sealedAt));
}

/** How ready a yacht is for a stay's check-in. */
export async function readinessFor(db: Queryable, stay: StayView): Promise<Readiness> {
  const short = await toPutAboard(db, stay.yachtId);
  const work = (await openDefects(db, stay.yachtId)).map(({ title, safety, state }) => ({
    title,
    safety,
    state: state === "stays" ? ("stays" as const) : ("ordered" as const),
  }));
  return {
    ...readiness({
      isBack: await yachtIsBack(db, stay.yachtId, stay.stayId),
      prepDone: stay.handovers.some((each) => each.prepDone),
      work,
      short,
    }),
    short,
  };
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
