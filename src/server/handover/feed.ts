import "server-only";
import type { Static } from "@sinclair/typebox";
import type { DeviceGrant } from "@/api/callers";
import type { ItemAnswer } from "@/api/schemas/book";
import type { FeedPage } from "@/api/schemas/handover";
import { now } from "../clock";
import { entriesAfter } from "../db/entries";
import { peopleOn } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { effectiveSeal } from "../db/seals";
import { takeEntries } from "../items/entries";
import { gateContext } from "./gate-context";
import { handoverById } from "../record/list-cache";

const pageSize = 1000;

/** A page of the feed: entries after a number, whether it is signed, and what the gate looks at. */
export async function feedPage(
  db: Queryable,
  baseId: string,
  handoverId: string,
  after: number,
): Promise<Static<typeof FeedPage>> {
  const handover = await handoverById(baseId, handoverId);
  const rows = await entriesAfter(db, handoverId, after, pageSize);
  const seal = await effectiveSeal(db, handoverId);
  return {
    entries: rows.map(({ number, entry }) => ({ number, entry })),
    people: await peopleOn(db, handoverId),
    more: rows.length === pageSize,
    seal: seal ? { seal: seal.seal, sealedAt: seal.sealedAt } : null,
    context: await gateContext(db, handover),
    serverTime: now(),
  };
}

/** Takes entries from a device by its grant, and pokes the others. */
export async function entriesFrom({
  params: { id },
  body: { entries },
  session,
  poke,
}: {
  params: { id: string };
  body: { entries: unknown[] };
  session: DeviceGrant;
  poke: (id: string) => void;
}): Promise<{ answers: ItemAnswer[] }> {
  const { baseId, side, personId } = session;
  const answers = await takeEntries({ baseId, handoverId: id, onlyFor: side === "skipper" ? personId : null }, entries);
  if (answers.some(({ status }) => status === "kept" || status === "late")) poke(id);
  return { answers };
}
