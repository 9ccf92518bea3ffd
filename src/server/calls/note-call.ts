import "server-only";
import { v7 as uuid } from "uuid";
import { topicOfFault } from "@/core/faults/topic";
import { now } from "../clock";
import { addCall } from "../db/calls";
import type { Queryable } from "../db/pool";
import { requireStay } from "../stays/require";
import { toldTrouble } from "../trouble/told-trouble";

/** Notes what a crew called the base about, or answers what it told of a trouble: that belongs to the stop that takes it up. */
export async function noteCallOf(
  db: Queryable,
  stayId: string,
  { topic, words, trouble = null }: { topic: string | null; words: string; trouble?: string | null },
  personId: string,
): Promise<Record<string, never>> {
  const stay = await requireStay(db, stayId);
  const told = trouble === null ? null : await toldTrouble(db, stay, trouble);
  const about = topic ?? (told?.fault ? topicOfFault(told.yacht.file, told.fault) : null);
  await addCall(db, { id: uuid(), stayId, topic: about, words: words.trim(), trouble }, personId, now());
  return {};
}
