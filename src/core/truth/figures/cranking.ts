import { exactly, type FigureKind } from "./figure";
import { enginesOf, isOfGenerator } from "./engines";

/** The longest time on the starter in one go. */
export const cranking: FigureKind = {
  name: "cranking",
  units: ["s"],
  facts: (boat, text, { clause, sentence, after }) =>
    /\b(start|starter|crank|cranking|fires)\b/.test(sentence) &&
    (/\b(at most|no longer|no more|at a time|in one go)\b/.test(after) ||
      /\b(crank|never longer than|no longer than)\b/.test(clause)) &&
    !/preheat/.test(clause) &&
    !isOfGenerator(boat, text)
      ? enginesOf(boat, text).flatMap(([key, engine]) => exactly(`/engines/${key}/crankSeconds`, engine.crankSeconds))
      : [],
};
