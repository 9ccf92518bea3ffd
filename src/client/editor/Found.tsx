import type { CheckedFinding } from "@/core/yacht/checks";
import { VerdictMark } from "@/ui/VerdictMark";

/** What a check says, with its sign. */
export function Found({ finding }: { finding: CheckedFinding }) {
  return (
    <p>
      <VerdictMark verdict={finding.level === "error" ? "stop" : "watch"} /> {finding.message}
    </p>
  );
}
