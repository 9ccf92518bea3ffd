import { standingOf } from "../state";
import { reason, type GateRule } from "./reason";

/** What does not look sound and marks that are worse are remarks. */
export const looks: GateRule = ({ list, folded, rules }) =>
  list.lines.flatMap((line) => {
    if (line.kind !== "look" && line.kind !== "mark") return [];
    const standing = standingOf(folded, line);
    return standing.step === "done" && standing.verdict !== "fine"
      ? [reason(rules, line.kind === "look" ? "look-not-sound" : "mark-worse", false, { line })]
      : [];
  });
