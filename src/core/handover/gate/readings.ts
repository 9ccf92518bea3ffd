import { standingOf } from "../state";
import { reason, type GateRule } from "./reason";

/** A reading of which the rule says stop holds her; one to be watched is a remark. */
export const readings: GateRule = ({ list, folded, rules }) =>
  list.lines.flatMap((line) => {
    if (line.kind !== "reading") return [];
    const standing = standingOf(folded, line);
    if (standing.step !== "done" || standing.verdict === "fine") return [];
    return [
      standing.verdict === "stop"
        ? reason(rules, "reading-stop", true, { line })
        : reason(rules, "reading-watch", false, { line }),
    ];
  });
