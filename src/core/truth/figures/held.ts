import { anyOf, exactly, type FigureKind } from "./figure";

/** Seconds for which a fitting is held, by the step that works it. */
export const held: FigureKind = {
  name: "held",
  units: ["s"],
  facts: (boat, text, { clause, sentence }) => {
    if (!/\b(hold|held|holds|preheats?|keep)\b/.test(clause) || /\bstop\b/.test(sentence)) return [];
    const fittings = boat.fittingsOf(text);
    return anyOf(
      Object.entries(boat.file.procedures).flatMap(([key, { steps, title }]) =>
        steps.flatMap((step, i) =>
          // a card that has a procedure's title is the same doing
          (step.fitting !== undefined && fittings.includes(step.fitting)) || title.en === text.title
            ? exactly(`/procedures/${key}/steps/${i}/holdSeconds`, step.holdSeconds)
            : [],
        ),
      ),
    );
  },
};
