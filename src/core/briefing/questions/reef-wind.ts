import { servesPurpose } from "../../yacht/purposes";
import type { QuestionKind } from "./question";

/** From how much wind the first reef goes in, by the yacht's own table. */
export const reefWind: QuestionKind = {
  name: "reef-wind",
  make: (topic, file) => {
    const [first] = Object.values(file.reefs).sort((a, b) => a.order - b.order);
    if (!servesPurpose(file, topic.procedures, "reefing") || !first) return [];
    const options = [first.fromKn, first.fromKn + 8, first.fromKn + 15].map((knots) => ({
      id: String(knots),
      words: { key: "knots", values: { knots } },
    }));
    return [
      { id: "reef-wind", topic: topic.id, ask: "reef-wind", values: {}, right: String(first.fromKn), options: options },
    ];
  },
};
