import { amountsIn } from "../amounts";
import type { Found } from "../finding";
import { figureKinds } from "../figures";
import type { TruthRule } from "./rule";

/** A figure in a text is that of the fact it speaks of. */
export const figuresDiffer: TruthRule = {
  name: "figures-differ",
  find: (boat) =>
    boat.texts.flatMap((text): Found[] =>
      amountsIn(text.words).flatMap((amount): Found[] => {
        for (const kind of figureKinds) {
          if (!kind.units.includes(amount.unit)) continue;
          const facts = kind.facts(boat, text, amount);
          if (facts.length === 0) continue;
          const wrong = facts.find((fact) => !fact.fits(amount));
          return wrong ? [{ path: text.path, code: "figure-differs", fact: wrong.path }] : [];
        }
        return [];
      }),
    ),
};
