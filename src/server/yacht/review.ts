import "server-only";
import { fileChanges, type FileChange } from "@/core/yacht/changes";
import { checkFile, type CheckedFinding } from "@/core/yacht/checks";
import { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import { parseAs, SchemaMismatch } from "@/formats/validate";
import type { Queryable } from "../db/pool";
import type { YachtRow } from "../db/yachts";
import { Refusal } from "../http/refusal";
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
  let file: YachtFile;
  try {
    file = parseAs(YachtFile, upgradeYachtFile(document));
  } catch (error) {
    if (error instanceof SchemaMismatch) throw new Refusal(422, "wrong-form", `This is no yacht file: ${error.message}`, error.where);
    throw error;
  }
  return { yacht, file, findings: checkFile(file), changes: fileChanges(yacht.file, file) };
}
