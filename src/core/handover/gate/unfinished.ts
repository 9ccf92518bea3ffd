import { forks } from "../fold";
import { statusOf } from "../state";
import { reason, type GateRule } from "./reason";

/** What two devices disagree on, which a person must settle, and what nobody has looked at. */
export const unfinished: GateRule = ({ list, folded, rules }) => {
  const open = forks(folded).length;
  const left = list.lines.filter((line) => statusOf(folded, line).step !== "done").length;
  return [
    ...(open > 0
      ? [{ ...reason(rules, "fork", true, { counts: { have: open, need: 0 } }), lift: "nobody" as const }]
      : []),
    ...(left > 0
      ? [reason(rules, "lines-left", true, { counts: { have: list.lines.length - left, need: list.lines.length } })]
      : []),
  ];
};
