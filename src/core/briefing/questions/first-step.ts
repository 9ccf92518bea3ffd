import { localizeFigures } from "../../yacht/figures";
import type { QuestionKind } from "./question";

/** What comes first in a procedure: in what hurts people or machines the order is the point. */
export const firstStep: QuestionKind = {
  name: "first-step",
  make: (topic, file) =>
    topic.procedures.slice(0, 1).flatMap((key) => {
      const procedure = file.procedures[key];
      if (!procedure || !topic.safety || procedure.steps.length < 3) return [];
      const id = `first-step-${key}`;
      const options = procedure.steps
        .slice(0, 3)
        .map((step, i) => ({ id: `step-${i + 1}`, words: { text: localizeFigures(file, step.words) } }));
      return [
        {
          id,
          topic: topic.id,
          ask: "first-step",
          values: { what: localizeFigures(file, procedure.title) },
          right: "step-1",
          options: options,
        },
      ];
    }),
};
