import type { Boat } from "../boat";
import type { Found } from "../finding";
import { nameWords, thingsNamed } from "../things";
import type { TruthRule } from "./rule";

/** Words that put one thing beside another. */
const beside =
  /\b(?:on|in|at|by|beside|below|above|under|behind|right of|left of|abaft|forward of|between|inside)(?: the| its| her)? /i;

/** What lies beside, below or on another fitting is at the place where that one is. */
export const neighbours: TruthRule = {
  name: "neighbours",
  find: (boat) =>
    Object.entries(boat.file.fittings).flatMap(([key, { where, place }]): Found[] => {
      const words = where.en ?? "";
      const next = besideOf(boat, key, words);
      return next.length === 0 || next.some((each) => each.place === place)
        ? []
        : [{ path: `/fittings/${key}/where`, code: "place-differs", fact: `${next[0]!.path}/place` }];
    }),
};

/** The fittings that a place in words is beside: those it names in full, or the panel that it begins with. */
function besideOf(boat: Boat, key: string, words: string) {
  const first = nameWords(words.split(",")[0] ?? "").join(" ");
  const named = thingsNamed(words, boat.index).filter(
    ({ collection, key: other, words: name }) => collection === "fittings" && other !== key && name.length > 1,
  );
  const panel = named.filter(({ words: name }) => name.join(" ") === first);
  return panel.length > 0 ? panel : beside.test(words) ? named : [];
}
