import type { CountLine } from "../lines";
import { statusOf } from "../state";
import { reason, type GateRule } from "./reason";

/** A place in a raft for everybody aboard, by the rafts that were counted and what is printed on each; said where the file tells it. */
export const raft: GateRule = ({ list, folded, rules }) => {
  const rafts = list.lines.filter((line): line is CountLine => line.kind === "count" && line.raftPlaces !== undefined);
  if (list.kind !== "check-in" || rafts.length === 0) return [];
  const places = rafts.reduce((sum, line) => {
    const standing = statusOf(folded, line);
    const count = standing.step === "done" ? standing.value.count : line.expected;
    return sum + count * (line.raftPlaces ?? 0);
  }, 0);
  return places < list.stay.aboard
    ? [reason(rules, "raft-too-small", true, { matter: "raft", counts: { have: places, need: list.stay.aboard } })]
    : [];
};
