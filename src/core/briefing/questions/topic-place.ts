import { localizeFigures } from "../../yacht/figures";
import { placeOptions } from "./place-options";
import type { QuestionKind } from "./question";

/** Where a topic is to be found, for one of which nothing else can be asked. */
export const topicPlace: QuestionKind = {
  name: "topic-place",
  make: (topic, file) => {
    const id = `topic-place-${topic.id}`;
    return [
      {
        id,
        topic: topic.id,
        ask: "where-is",
        values: { what: localizeFigures(file, topic.title) },
        right: topic.place,
        options: placeOptions(id, topic.place, file),
      },
    ];
  },
};
