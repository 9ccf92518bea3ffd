import type { CheckedFinding } from "@/core/checks";
import { VerdictMark } from "@/ui/VerdictMark";
import { TextQuestion } from "./TextQuestion";

/** What the checks say of the thing beside it, each with its sign; of a text in question also what can be done. */
export function FieldFindings({ findings }: { findings: readonly CheckedFinding[] }) {
  return findings.map((finding) => (
    <div key={`${finding.path} ${finding.message}`}>
      <p>
        <VerdictMark verdict={finding.level === "error" ? "stop" : "watch"} /> {finding.message}
      </p>
      {finding.question && <TextQuestion finding={finding} />}
    </div>
  ));
}
