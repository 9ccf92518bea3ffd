import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { settleRules } from "@/api/base";
import { now } from "../clock";
import { addRules, currentRules } from "../db/base-rules";
import type { Queryable } from "../db/pool";

/** Settles the rules of the base anew, never over another's change unseen. */
export async function settleBaseRules(
  db: Queryable,
  { onNumber, rules, why }: Static<typeof settleRules.body>,
  personId: string,
): Promise<Record<string, never>> {
  const { number } = await currentRules(db);
  const isSettled = number === onNumber && (await addRules(db, onNumber, rules, why.trim(), personId, now()));
  if (!isSettled) throw new AppError("rules-changed");
  return {};
}
