import "server-only";
import type { RevisionView } from "@/api/schemas/desk";
import { fileChanges } from "@/core/yacht/changes";
import type { Queryable } from "../db/pool";
import { revisionRows } from "../db/revisions";

/** The revisions of a yacht's file, newest first, each with what it changed, by whom and why. */
export async function revisionsOf(db: Queryable, yachtId: string): Promise<RevisionView[]> {
  const rows = await revisionRows(db, yachtId);
  return rows
    .map(({ file, ...row }, i): RevisionView => {
      const before = rows[i - 1];
      return { ...row, changes: before ? fileChanges(before.file, file) : [] };
    })
    .reverse();
}
