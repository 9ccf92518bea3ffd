import type { QuestionKind } from "./question";

/** From how much wind the first reef goes in, by the yacht's own table. */
export const reefWind: QuestionKind = {
  name: "reef-wind",
  make: (topic, { reefs }) => {
    const [first] = Object.values(reefs).sort((a, b) => a.order - b.order);
    if (!topic.procedures.includes("main-reef") || !first) return [];
    const options = [first.fromKn, first.fromKn + 8, first.fromKn + 15].map((knots) => ({
      id: String(knots),
      words: { key: "knots", values: { knots } },
    }));
    return [
      { id: "reef-wind", topic: topic.id, ask: "reef-wind", values: {}, right: String(first.fromKn), options: options },
    ];
  },
};
