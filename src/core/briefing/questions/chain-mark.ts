import { localize } from "../../basics/words";
import { servesPurpose } from "../../yacht/purposes";
import type { QuestionKind } from "./question";

/** Which colour is so many metres of chain: the same colour is 10 m on one yacht and 20 m on the next. */
export const chainMark: QuestionKind = {
  name: "chain-mark",
  make: (topic, file) => {
    const marks = Object.values(file.groundTackle).find((tackle) => tackle.marks.length > 0)?.marks ?? [];
    const asked = marks.find((mark) => mark.atM === 20) ?? marks[1];
    const colours = [...new Set(marks.map((mark) => localize(mark.colour)))];
    if (!servesPurpose(file, topic.procedures, "anchor-down") || !asked || colours.length < 2) return [];
    const right = localize(asked.colour);
    const others = colours.filter((colour) => colour !== right).slice(0, 3);
    return [
      {
        id: "chain-mark",
        topic: topic.id,
        ask: "chain-mark",
        values: { atM: asked.atM },
        right,
        options: [right, ...others].map((id) => ({ id, words: { text: id } })),
      },
    ];
  },
};
