import "server-only";
import { blocking } from "@/core/yacht/class-change";
import type { CheckedFinding } from "@/core/yacht/checks";
import { Refusal } from "../http/refusal";

/** Why somebody publishes, and why each warning is accepted, by the path it names. */
export interface Reasons {
  why: string;
  accepts: Record<string, string>;
}

/** Refuses what may not be published: a file with errors or with a warning that nobody accepted, and one without a reason. */
export function refuseUnfit(findings: readonly CheckedFinding[], { why, accepts }: Reasons): void {
  const errors = findings.filter((finding) => finding.level === "error");
  if (errors[0])
    throw new Refusal(
      422,
      "file-has-errors",
      `${errors.length === 1 ? "One thing blocks" : `${errors.length} things block`} publishing. ${errors[0].message}.`,
      errors[0].path,
    );
  const [open] = blocking(findings, accepts);
  if (open) throw new Refusal(422, "warning-open", `Say why this is accepted, or mend it: ${open.message}.`, open.path);
  if (why.trim() === "") throw new Refusal(422, "why-missing", "Say in a few words why the file is changed.", "why");
}

/** The findings that were accepted, with the reason for each. */
export function acceptedFindings(findings: readonly CheckedFinding[], accepts: Readonly<Record<string, string>>) {
  return findings.map(({ check, path, message }) => ({ check, path, message, reason: accepts[path] }));
}
