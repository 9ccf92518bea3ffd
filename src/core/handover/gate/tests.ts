import type { ResultValue } from "../aspects";
import { standingOf } from "../state";
import { reason, type GateRule } from "./reason";

/** A safety test that fails, or was not tried though it must be tried alongside, holds her. */
export const tests: GateRule = ({ list, folded, rules }) =>
  list.lines.flatMap((line) => {
    if (line.kind !== "test") return [];
    const standing = standingOf(folded, line);
    if (standing.step !== "done") return [];
    const { result } = standing.cell.value as ResultValue;
    if (result === "fails")
      return [reason(rules, line.safety ? "safety-test-fails" : "test-fails", line.safety, { line })];
    if (result !== "not-tried") return [];
    const mustBeTried = line.safety && line.when !== "may-wait";
    return [reason(rules, mustBeTried ? "safety-test-not-tried" : "test-waits", mustBeTried, { line })];
  });
