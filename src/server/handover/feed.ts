import "server-only";
import type { Static } from "@sinclair/typebox";
import type { DeviceGrant } from "@/api/callers";
import type { ItemAnswer } from "@/api/schemas/book";
import type { Permit } from "@/core/handover/permit";
import type { FeedPage } from "@/api/schemas/handover";
import { now } from "../clock";
import { entriesAfter } from "../db/entries";
import { peopleOn } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { takeEntries } from "../items/entries";
import { heardBy } from "./heard";
import { handoverById } from "../record/list-cache";

const pageSize = 1000;

/** A page of the feed: entries after a number, whether it is signed, and what the gate looks at. */
export async function feedPage(
  db: Queryable,
  grant: DeviceGrant,
  handoverId: string,
  after: number,
): Promise<Static<typeof FeedPage>> {
  const handover = await handoverById(grant.baseId, handoverId);
  const rows = await entriesAfter(db, handoverId, after, pageSize);
  return {
    entries: rows.map(({ number, entry }) => ({ number, entry })),
    people: await peopleOn(db, handoverId),
    more: rows.length === pageSize,
    ...(await heardBy(db, handover, grant)),
    serverTime: now(),
  };
}

/** Takes entries from a device by its grant, and pokes the others. */
export async function entriesFrom({
  params: { id },
  body: { entries, permits },
  session,
  poke,
}: {
  params: { id: string };
  body: { entries: unknown[]; permits?: Permit[] };
  session: DeviceGrant;
  poke: (id: string) => void;
}): Promise<{ answers: ItemAnswer[] }> {
  const answers = await takeEntries(session, entries, permits);
  if (answers.some(({ status }) => status === "kept" || status === "late")) poke(id);
  return { answers };
}
