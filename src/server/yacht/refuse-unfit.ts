import "server-only";
import { blocking } from "@/core/checks/class-change";
import type { CheckedFinding } from "@/core/checks";
import { AppError } from "@/api/app-error";

/** Why somebody publishes, and why each warning is accepted, by the path it names. */
export interface Reasons {
  why: string;
  accepts: Record<string, string>;
}

/** Refuses what may not be published: a file with errors or with a warning that nobody accepted, and one without a reason. */
export function refuseUnfit(findings: readonly CheckedFinding[], { why, accepts }: Reasons): void {
  const errors = findings.filter((finding) => finding.level === "error");
  if (errors[0])
    throw new AppError("file-has-errors", { count: errors.length, first: errors[0].message }, errors[0].path);
  const [open] = blocking(findings, accepts);
  if (open) throw new AppError("warning-open", { warning: open.message }, open.path);
  if (why.trim() === "") throw new AppError("why-missing", {}, "why");
}

/** The findings that were accepted, with the reason for each. */
export function acceptedFindings(findings: readonly CheckedFinding[], accepts: Readonly<Record<string, string>>) {
  return findings.map(({ check, path, message }) => ({ check, path, message, reason: accepts[path] }));
}
