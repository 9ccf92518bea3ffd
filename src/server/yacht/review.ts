import "server-only";
import { todayAtBase } from "../base/today";
import { fileChanges, type FileChange } from "@/core/yacht/changes";
import { checkFile, type CheckedFinding } from "@/core/checks";
import type { YachtFile } from "@/core/yacht/schema";
import type { Queryable } from "../db/pool";
import type { YachtRow } from "../db/yachts";
import { parseYachtFile } from "./parse-file";
import { requireYacht } from "./require";

/** What publishing a file would do: what the checks find, and what would change. */
export interface FileReview {
  yacht: YachtRow;
  file: YachtFile;
  findings: CheckedFinding[];
  changes: FileChange[];
}

/**
 * Looks at a file that somebody wants to publish for a yacht; changes nothing.
 *
 * @param document the whole file, of any form that was ever published
 */
export async function reviewFile(db: Queryable, slug: string, document: unknown): Promise<FileReview> {
  const yacht = await requireYacht(db, slug);
  const file = parseYachtFile(document);
  return { yacht, file, findings: checkFile(file, await todayAtBase(db)), changes: fileChanges(yacht.file, file) };
}
