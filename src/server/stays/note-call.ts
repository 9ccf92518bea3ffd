import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { boatLogOf } from "../db/boat-log";
import { addCall } from "../db/calls";
import type { Queryable } from "../db/pool";
import { requireStay } from "./require";

/** Notes what a crew called the base about, or answers what it told of a trouble. */
export async function noteCallOf(
  db: Queryable,
  stayId: string,
  { topic, words, trouble = null }: { topic: string | null; words: string; trouble?: string | null },
  personId: string,
): Promise<Record<string, never>> {
  await requireStay(db, stayId);
  if (trouble !== null && !(await boatLogOf(db, stayId)).some(({ kind, id }) => kind === "trouble" && id === trouble))
    throw new AppError("no-such-trouble");
  await addCall(db, { id: uuid(), stayId, topic, words: words.trim(), trouble }, personId, now());
  return {};
}
