import "server-only";
import { v7 as uuid } from "uuid";
import { now } from "../clock";
import { addCall } from "../db/calls";
import type { Queryable } from "../db/pool";
import { requireStay } from "./require";

/** Notes what a crew called the base about. */
export async function noteCallOf(
  db: Queryable,
  stayId: string,
  { topic, words }: { topic: string | null; words: string },
  personId: string,
): Promise<Record<string, never>> {
  await requireStay(db, stayId);
  await addCall(db, { id: uuid(), stayId, topic, words: words.trim() }, personId, now());
  return {};
}
