import { exactly, type FigureKind } from "./figure";
import { enginesOf, isOfGenerator } from "./engines";

/** Seconds for which stop is held. */
export const stopHold: FigureKind = {
  name: "stop-hold",
  units: ["s"],
  facts: (boat, text, { clause, sentence }) =>
    /\bstop\b/.test(clause) && /\b(hold|held|holds|press|pressed|keep)\b/.test(sentence) && !isOfGenerator(boat, text)
      ? enginesOf(boat, text).flatMap(([key, engine]) =>
          exactly(`/engines/${key}/stopHoldSeconds`, engine.stopHoldSeconds),
        )
      : [],
};
