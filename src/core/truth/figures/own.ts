import { amountsIn, type Amount } from "../amounts";
import type { Boat } from "../boat";
import type { Text } from "../texts";
import type { FigureKind } from "./figure";

/** What tells which of a fitting's figures one speaks of. */
const acts = [
  "hold",
  "press",
  "wait",
  "within",
  "run",
  "heat",
  "warm",
  "engine or",
  "between",
  "most",
  "sleep",
  "cold",
  "dies",
  "once",
  "turn",
];
const seconds: Partial<Record<Amount["unit"], number>> = { s: 1, min: 60, h: 3600 };
const secondsOf = ({ value, unit }: Amount) => value * (seconds[unit] ?? 0);
const isTime = ({ unit }: Amount) => seconds[unit] !== undefined;
const actsIn = (clause: string) => acts.filter((act) => clause.includes(act));

interface Said {
  text: Text;
  amounts: Amount[];
}

const known = new WeakMap<Boat, ReadonlyMap<string, Said[]>>();

/** What texts say of each fitting in figures of time: its own words, its oddities, the steps that work it. */
function saidOf(boat: Boat): ReadonlyMap<string, Said[]> {
  const kept = known.get(boat);
  if (kept) return kept;
  const said = new Map<string, Said[]>();
  for (const text of boat.texts) {
    if (text.fitting === null || text.field === "name" || text.field === "where") continue;
    const amounts = amountsIn(text.words).filter(isTime);
    if (amounts.length > 0) said.set(text.fitting, [...(said.get(text.fitting) ?? []), { text, amounts }]);
  }
  known.set(boat, said);
  return said;
}

/**
 * A figure that no fact of the file holds, and that other words about the fitting give: "hold ten seconds" at the stove.
 * Texts about it say the same of the same doing; a figure without any doing is one of those that its own words give.
 */
export const own: FigureKind = {
  name: "own",
  units: ["s", "min", "h"],
  facts: (boat, text, amount) => {
    const doing = actsIn(amount.clause);
    for (const key of boat.fittingsOf(text))
      for (const { text: other, amounts } of saidOf(boat).get(key) ?? []) {
        if (other === text) continue;
        const like = amounts.filter(({ clause, unit }) =>
          doing.length > 0
            ? actsIn(clause).some((act) => doing.includes(act))
            : unit === amount.unit && other.collection === "fittings",
        );
        if (like.length > 0)
          return [{ path: other.path, fits: () => like.some((each) => secondsOf(each) === secondsOf(amount)) }];
      }
    return [];
  },
};
