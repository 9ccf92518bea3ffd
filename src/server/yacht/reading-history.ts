import "server-only";
import type { EarlierReading } from "@/core/readings/rule";
import { readingsOf } from "../db/handovers";
import type { Queryable } from "../db/pool";

/** The last readings of a yacht from her signed handovers and finished preps, by line, oldest first. What came after a seal stands in an addendum and is left out. */
export async function readingHistory(db: Queryable, yachtId: string): Promise<Record<string, EarlierReading[]>> {
  const history: Record<string, EarlierReading[]> = {};
  for (const { subject, value, at } of await readingsOf(db, yachtId)) {
    (history[subject.slice("line:".length)] ??= []).push({ value, at });
  }
  return history;
}
