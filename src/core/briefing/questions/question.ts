import { digestOf } from "../../basics/digest";
import type { YachtFile } from "../../yacht/schema";
import type { Topic } from "../topics";

/** Words of an option: out of the file, or a key of the message catalogue with its values. */
export type OptionWords = { text: string } | { key: string; values: Record<string, string | number> };

/** One question that is true of this yacht, with one right answer. */
export interface Question {
  /** the same for the same fact, so that an answer stays with its question across revisions */
  id: string;
  topic: string;
  /** key of the message catalogue */
  ask: string;
  values: Record<string, string | number>;
  options: { id: string; words: OptionWords }[];
  right: string;
}

/** One kind of question, made out of a yacht file for a topic; none where the file has not the fact. */
export interface QuestionKind {
  name: string;
  make: (topic: Topic, file: YachtFile) => Question[];
}

/** A number that is always the same for a text, so that options stand in an order that tells nothing. */
const numberOf = (text: string) => parseInt(digestOf(text).slice(0, 8), 16);

/** Options in an order that is always the same and does not betray the right one. */
export function mixed<T extends { id: string }>(question: string, options: readonly T[]): T[] {
  return [...options].sort((a, b) => numberOf(`${question} ${a.id}`) - numberOf(`${question} ${b.id}`));
}
