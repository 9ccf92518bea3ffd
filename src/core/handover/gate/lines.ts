import { kindOf } from "../lines";
import { statusOf } from "../state";
import { reason, type GateRule } from "./reason";

/** What each line that was recorded says, by its kind: what is short, fails, is worn or out of its limits. */
export const lines: GateRule = ({ list, folded, rules }) =>
  list.lines.flatMap((line) => {
    const standing = statusOf(folded, line);
    if (standing.step !== "done") return [];
    return kindOf(line)
      .reasons(line, standing.value, list.stay.aboard)
      .map(({ code, blocks, counts }) => reason(rules, code, blocks, { line, counts }));
  });
