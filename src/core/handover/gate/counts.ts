import type { CountValue } from "../aspects";
import { neededCount, standingOf } from "../state";
import { reason, type GateRule } from "./reason";

/** What is counted: one for each aboard where the list says so, all of what is safety, the rest as a remark. */
export const counts: GateRule = ({ list, folded, rules }) =>
  list.lines.flatMap((line) => {
    if (line.kind !== "count") return [];
    const standing = standingOf(folded, line);
    if (standing.step !== "done") return [];
    const have = (standing.cell.value as CountValue).count;
    const need = neededCount(line, list.stay.aboard);
    // jackets are given out by weight, which says more than their number
    if (line.perPerson && line.jacketKg === undefined && have < need)
      return [reason(rules, "per-person-short", true, { line, counts: { have, need } })];
    if (line.safety && !line.perPerson && line.jacketKg === undefined && have < line.expected)
      return [reason(rules, "safety-short", true, { line, counts: { have, need: line.expected } })];
    return have < line.expected
      ? [reason(rules, "count-short", false, { line, counts: { have, need: line.expected } })]
      : [];
  });
