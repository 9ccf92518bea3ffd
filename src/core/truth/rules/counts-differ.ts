import type { YachtFile } from "../../yacht/schema";
import type { Found } from "../finding";
import type { TruthRule } from "./rule";

/** Things of which everybody aboard needs one, also where the list does not say so of each. */
const forEach = /^(life jackets?\b(?!.*\bchild)|jacket lights?|harness lines?|harness(es)?)/i;

/** What everybody aboard needs is there as often as people may be aboard, and a breaker carries the cord before it. */
export const countsDiffer: TruthRule = {
  name: "counts-differ",
  find: ({ file }) => [
    ...Object.entries(file.inventory).flatMap(([key, { name, expected, perPerson }]): Found[] =>
      (perPerson === true || forEach.test(name.en ?? "")) &&
      !/\b(child|baby|infant)\b/i.test(name.en ?? "") &&
      expected < file.particulars.maximumAboard
        ? [{ path: `/inventory/${key}/name`, code: "figure-differs", fact: "/particulars/maximumAboard" }]
        : [],
    ),
    ...raftTooSmall(file),
    ...Object.entries(file.fittings).flatMap(([key, { name, kind, system, ratingA }]): Found[] => {
      if (kind !== "breaker" || system !== "ac-power" || ratingA === undefined || !/shore/i.test(name.en ?? ""))
        return [];
      const larger = Object.entries(file.shoreCords).find(
        ([, cord]) => cord.currentA > ratingA && !/alone|conditioning/i.test(cord.feeds.en ?? ""),
      );
      return larger
        ? [{ path: `/fittings/${key}/name`, code: "figure-differs", fact: `/shoreCords/${larger[0]}/currentA` }]
        : [];
    }),
  ],
};

/** The rafts together take as many as may be aboard, where the file tells how many each takes. */
function raftTooSmall(file: YachtFile): Found[] {
  const rafts = Object.entries(file.inventory).filter(([, { raftPlaces }]) => raftPlaces !== undefined);
  const places = rafts.reduce((sum, [, { raftPlaces = 0, expected }]) => sum + raftPlaces * expected, 0);
  return rafts.length > 0 && places < file.particulars.maximumAboard
    ? [{ path: `/inventory/${rafts[0]![0]}/name`, code: "figure-differs", fact: "/particulars/maximumAboard" }]
    : [];
}
