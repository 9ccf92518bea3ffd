import type { Boat } from "../boat";
import { nameWords } from "../things";
import { anyOf, exactly, type FigureKind } from "./figure";

/** Whether a word tells one fitting from all the others: "distress" does, "engine" does not. */
const isTelling = (boat: Boat, word: string): boolean =>
  boat.things.filter(({ collection, words }) => collection === "fittings" && words.includes(word)).length === 1;

/** Seconds for which a fitting is held, by the step that works it. */
export const held: FigureKind = {
  name: "held",
  units: ["s"],
  facts: (boat, text, { clause, sentence }) => {
    if (!/\b(hold|held|holds|preheats?|keep)\b/.test(clause) || /\bstop\b/.test(sentence)) return [];
    const fittings = boat.fittingsOf(text);
    const own = text.collection === "fittings" ? nameWords(text.title).filter((word) => isTelling(boat, word)) : [];
    return anyOf(
      Object.entries(boat.file.procedures).flatMap(([key, { steps, title }]) =>
        steps.flatMap((step, i) =>
          // a card that has a procedure's title is the same doing
          (step.fitting !== undefined && fittings.includes(step.fitting)) ||
          title.en === text.title ||
          nameWords(title.en ?? "").some((word) => own.includes(word))
            ? exactly(`/procedures/${key}/steps/${i}/holdSeconds`, step.holdSeconds)
            : [],
        ),
      ),
    );
  },
};
