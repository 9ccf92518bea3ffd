import "server-only";
import { fileChanges, type FileChange } from "@/core/yacht/changes";
import type { CheckedFinding } from "@/core/checks";
import type { YachtFile } from "@/core/yacht/schema";
import type { Queryable } from "../db/pool";
import { classAt, classUnder } from "../db/yacht-classes";
import type { YachtRow } from "../db/yachts";
import { fileChecker } from "./file-checker";
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
 * @param classId the row of the class that it stands on, where that is another than her newest revision's
 */
export async function reviewFile(
  db: Queryable,
  slug: string,
  document: unknown,
  classId: string | null = null,
): Promise<FileReview> {
  const yacht = await requireYacht(db, slug);
  const onClass = await classAt(db, classId ?? (await classUnder(db, yacht.id, yacht.revision)) ?? "");
  const before = [...(onClass ? [onClass.file] : []), yacht.file];
  const file = parseYachtFile(document);
  const check = await fileChecker(db);
  return { yacht, file, findings: check(file, before), changes: fileChanges(yacht.file, file) };
}
