import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { keepKeeping } from "@/api/private";
import { keepingFaults } from "@/core/private/keeping";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import type { Queryable } from "../db/pool";
import { putList } from "../base/put-list";
import { eraseOutlived } from "../db/private";

/** Keeps for how long what is private is held, never over another's change unseen. */
export async function keepBaseKeeping(
  db: Queryable,
  { onNumber, keeping }: Static<typeof keepKeeping.body>,
  personId: string,
): Promise<Record<string, never>> {
  const [fault] = keepingFaults(keeping);
  if (fault) throw new AppError("kept-too-long", { what: fault }, fault);
  return putList(db, "keeping", { onNumber, list: keeping, by: personId });
}

/** Erases what has had its time at a base. The demo's people are invented, and its dates stand still. */
export async function eraseWhatHadItsTime(db: Queryable): Promise<number> {
  if ((await currentBase(db)).isDemo) return 0;
  return eraseOutlived(db, (await currentList(db, "keeping")).list, now());
}
