import "server-only";
import { AppError } from "@/api/app-error";
import { now } from "../clock";
import { addList, currentList, type BaseList, type ListKind } from "../db/base-lists";
import type { Queryable } from "../db/pool";

/** Keeps a list of the base on top of the one that was seen, never over another's change unseen. */
export async function putList<K extends ListKind>(
  db: Queryable,
  kind: K,
  { onNumber, list, by }: { onNumber: number; list: BaseList<K>["list"]; by: string },
): Promise<Record<string, never>> {
  const { number } = await currentList(db, kind);
  if (number !== onNumber || !(await addList(db, kind, { onNumber, list, by, at: now() })))
    throw new AppError("list-changed");
  return {};
}
