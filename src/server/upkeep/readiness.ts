import "server-only";
import { v7 as uuid } from "uuid";
import { fold } from "@/core/handover/fold";
import { readiness, type ShortItem } from "@/core/upkeep/readiness";
import { shortItems } from "@/core/upkeep/restock";
import type { Readiness, StayView } from "@/formats/desk";
import { now } from "../clock";
import { yachtIsBack } from "../db/charters";
import { openDefects } from "../db/defects";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { signedEntries } from "../handover/record";
import { Refusal } from "../http/refusal";

/** What is to be put aboard a yacht, by her last signed handover and what was noted since. */
export async function toPutAboard(db: Queryable, yachtId: string): Promise<ShortItem[]> {
  const yacht = await findYacht(db, { id: yachtId });
  const { rows } = await db.query<{ id: string; sealedAt: string }>(
    `select h.id, s.sealed_at as "sealedAt" from handover h join seal s on s.handover_id = h.id and s.number = 1 where h.yacht_id = $1 order by s.sealed_at desc limit 1`,
    [yachtId],
  );
  const last = rows[0];
  const handover = last && (await findHandover(db, last.id));
  const signed = last && (await signedEntries(db, last.id));
  if (!yacht || !last || !handover || !signed) return [];
  const { rows: put } = await db.query<{ line: string; pieces: number }>(
    "select line, sum(pieces)::int as pieces from restock where yacht_id = $1 and noted_at >= $2 group by line",
    [yachtId, last.sealedAt],
  );
  return shortItems(
    yacht.file,
    handover.list,
    fold(signed.entries),
    new Map(put.map(({ line, pieces }) => [line, pieces])),
  );
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
 * @throws Refusal for a thing that is not short, or for more pieces than are
 */
export async function putAboard(
  db: Queryable,
  yachtId: string,
  line: string,
  pieces: number,
  personId: string,
): Promise<void> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`restock ${yachtId}`]);
  const item = (await toPutAboard(db, yachtId)).find((each) => each.line === line);
  if (!item || pieces > item.missing)
    throw new Refusal(
      409,
      "not-short",
      item
        ? `Only ${item.missing} are missing by the last count.`
        : "Nothing of this is missing by the last count. Somebody may have noted it already.",
    );
  await db.query(
    "insert into restock (id, base_id, yacht_id, line, pieces, noted_by, noted_at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [uuid(), yachtId, line, pieces, personId, now()],
  );
}
