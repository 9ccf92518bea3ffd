import { withoutJacket } from "../jackets";
import type { CountLine } from "../lines";
import { statusOf } from "../state";
import { reason, type GateRule } from "./reason";

/** A jacket that fits for everybody aboard, by the weights of the crew list; said once the jackets are counted. */
export const jackets: GateRule = ({ list, folded, rules }) => {
  const lines = list.lines.filter((line): line is CountLine => line.kind === "count" && line.jacketKg !== undefined);
  if (lines.length === 0) return [];
  const counted = lines.map((line) => ({ line, standing: statusOf(folded, line) }));
  const classes = counted.map(({ line, standing }) => ({
    fromKg: line.jacketKg?.from ?? 0,
    toKg: line.jacketKg?.to ?? null,
    count: standing.step === "done" ? standing.value.count : line.expected,
  }));
  const unknown = Math.max(0, list.stay.aboard - (list.crewKg?.length ?? 0));
  // of those whose weight nobody told, each is taken for a grown person: the remark asks for the list
  const people = [...(list.crewKg ?? []), ...Array.from({ length: unknown }, () => grownKg)];
  const without = withoutJacket(people, classes);
  return [
    ...(without > 0 && counted.every(({ standing }) => standing.step === "done")
      ? [
          reason(rules, "without-jacket", true, {
            matter: "jackets",
            counts: { have: people.length - without, need: people.length },
          }),
        ]
      : []),
    ...(unknown > 0
      ? [reason(rules, "crew-unknown", false, { counts: { have: list.stay.aboard - unknown, need: list.stay.aboard } })]
      : []),
  ];
};

const grownKg = 75;
