import type { YachtFile } from "../../yacht/schema";
import { topicsOf } from "../topics";
import { chainMark } from "./chain-mark";
import { coolingWater } from "./cooling-water";
import { firstStep } from "./first-step";
import { mixed, type Question, type QuestionKind } from "./question";
import { reefWind } from "./reef-wind";
import { topicPlace } from "./topic-place";
import { valveShut } from "./valve-shut";
import { whereIs } from "./where-is";

export type { OptionWords, Question } from "./question";

export const questionKinds: readonly QuestionKind[] = [
  firstStep,
  chainMark,
  coolingWater,
  reefWind,
  valveShut,
  whereIs,
];

/** More than so many on one topic and nobody answers any. */
const mostPerTopic = 3;

/** The questions of a yacht's study, all made from her own file, by topic in the order of her places. Nothing is asked twice. */
export function questionsOf(file: YachtFile): Question[] {
  const asked = new Set<string>();
  return topicsOf(file).flatMap((topic) => {
    const fresh = questionKinds.flatMap((kind) => kind.make(topic, file)).filter((question) => !asked.has(question.id));
    // no safety topic is without a question: where nothing else is known, where it is
    const questions = (fresh.length === 0 && topic.safety ? topicPlace.make(topic, file) : fresh).slice(
      0,
      mostPerTopic,
    );
    for (const { id } of questions) asked.add(id);
    return questions.map((question) => ({
      ...question,
      options: mixed(`${file.particulars.name} ${question.id}`, question.options),
    }));
  });
}
