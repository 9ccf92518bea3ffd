import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { keepUsualCharters } from "@/api/charters";
import type { Queryable } from "../db/pool";
import { putList } from "../base/put-list";

/** Keeps what is usual in the base's charters, never over another's change unseen. Charters that stand keep their terms. */
export async function keepUsual(
  db: Queryable,
  { onNumber, charters }: Static<typeof keepUsualCharters.body>,
  by: string,
): Promise<Record<string, never>> {
  const names = Object.values(charters.templates).map(({ name }) => name.trim().toLowerCase());
  if (names.length === 0) throw new AppError("terms-wrong", { what: "none" }, "templates");
  if (new Set(names).size !== names.length) throw new AppError("terms-wrong", { what: "twice" }, "templates");
  return putList(db, "charters", { onNumber, list: charters, by: by });
}
