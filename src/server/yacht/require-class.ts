import "server-only";
import type { Queryable } from "../db/pool";
import { findClass, type ClassRow } from "../db/yacht-classes";
import { AppError } from "@/api/app-error";

/** A class of the base with its newest document, by short name; refuses one that is not there. */
export async function requireClass(db: Queryable, slug: string): Promise<ClassRow> {
  const found = await findClass(db, slug);
  if (!found) throw new AppError("no-such-class");
  return found;
}
