import "server-only";
import { dayIn } from "@/core/basics/instant";
import { now } from "../clock";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";

/** The day at the base: 2027-06-12. */
export async function todayAtBase(db: Queryable): Promise<string> {
  return dayIn(now(), (await currentBase(db)).timeZone);
}
