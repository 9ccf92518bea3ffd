import type { CheckedFinding, FileChecker } from ".";
import type { Finding } from "./check";
import { fileChanges, type FileChange } from "../yacht/changes";
import { resolveYacht } from "../yacht/resolve";
import type { YachtFile } from "../yacht/schema";

/** What a new revision of a class makes of one of its yachts. */
export interface CarriedOver {
  /** of the form of a yacht file only when no finding says otherwise */
  file: YachtFile;
  findings: CheckedFinding[];
  /** what would change on her; her own differences from the class stay */
  changes: FileChange[];
}

/**
 * Lays a yacht's own differences over a new document of her class.
 *
 * @param patch her differences from the class as it was (JSON Merge Patch)
 * @param standing her newest file, of today's form
 * @param check finds what is wrong with her file
 * @param formFault where a document has not the form of a yacht file, or null: a difference in a part that the class no longer has is left as half a part
 */
export function carryOver(
  classDocument: YachtFile,
  patch: Record<string, unknown>,
  standing: YachtFile,
  check: FileChecker,
  formFault: (document: unknown) => Finding | null,
): CarriedOver {
  const file = resolveYacht(classDocument, patch) as YachtFile;
  const fault = formFault(file);
  const findings: CheckedFinding[] = fault
    ? [{ check: "wrong-form", level: "error", ...fault }]
    : check(file, [classDocument, standing]);
  return { file, findings, changes: fileChanges(standing, file) };
}

/** Findings that keep a file from being published: every error, and each warning that nobody has given a reason for. */
export function blocking(
  findings: readonly CheckedFinding[],
  reasons: Readonly<Record<string, string>>,
): CheckedFinding[] {
  return findings.filter(({ level, path }) => level === "error" || (reasons[path] ?? "").trim() === "");
}
