import "server-only";
import type { Queryable } from "../db/pool";
import { findYacht, type YachtRow } from "../db/yachts";
import { AppError } from "@/api/app-error";

/** A yacht of the base with its newest file, by short name; refuses one that is not there. */
export async function requireYacht(db: Queryable, slug: string): Promise<YachtRow> {
  const yacht = await findYacht(db, { slug });
  if (!yacht) throw new AppError("no-such-yacht");
  return yacht;
}
