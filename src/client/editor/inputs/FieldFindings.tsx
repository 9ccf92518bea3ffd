import type { CheckedFinding } from "@/core/checks";
import { VerdictMark } from "@/ui/VerdictMark";

/** What the checks say of the thing beside it, each with its sign. */
export function FieldFindings({ findings }: { findings: readonly CheckedFinding[] }) {
  return findings.map((finding) => (
    <p key={`${finding.path} ${finding.message}`}>
      <VerdictMark verdict={finding.level === "error" ? "stop" : "watch"} /> {finding.message}
    </p>
  ));
}
