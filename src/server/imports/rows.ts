import "server-only";
import { AppError } from "@/api/app-error";
import type { ImportRowView } from "@/api/schemas/imports";
import { importRows, isImport } from "../db/import-runs";
import type { Queryable } from "../db/pool";

/** The rows that a list brought. */
export async function rowsOfImport(db: Queryable, importId: string): Promise<{ rows: ImportRowView[] }> {
  if (!(await isImport(db, importId))) throw new AppError("no-such-import");
  return { rows: await importRows(db, importId) };
}
