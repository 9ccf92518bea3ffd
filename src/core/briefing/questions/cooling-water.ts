import { servesPurpose } from "../../yacht/purposes";
import type { QuestionKind } from "./question";

/** Within how many seconds cooling water must be seen; without it the engine is stopped at once. */
export const coolingWater: QuestionKind = {
  name: "cooling-water",
  make: (topic, file) => {
    const [engine] = Object.values(file.engines);
    if (!servesPurpose(file, topic.procedures, "engine-start") || !engine) return [];
    const seconds = engine.coolingWaterSeconds;
    if (seconds === undefined) return [];
    const options = [seconds, seconds * 3, seconds * 10].map((each) => ({
      id: String(each),
      words: { key: "seconds", values: { seconds: each } },
    }));
    return [
      {
        id: "cooling-water",
        topic: topic.id,
        ask: "cooling-water",
        values: {},
        right: String(seconds),
        options: options,
      },
    ];
  },
};
