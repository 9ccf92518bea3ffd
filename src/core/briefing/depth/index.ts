import type { Topic } from "../topics";
import { askedFor } from "./asked-for";
import { experienceOnThis } from "./experience-on-this";
import { hullKind } from "./hull-kind";
import { oddHere } from "./odd-here";
import { depths, type Depth, type DepthRule, type Known } from "./rule";
import { safetyTopic } from "./safety-topic";
import { sizeOfYacht } from "./size-of-yacht";
import { wrongAnswer } from "./wrong-answer";

export { depths, type Depth } from "./rule";

export const depthRules: readonly DepthRule[] = [
  experienceOnThis,
  sizeOfYacht,
  hullKind,
  safetyTopic,
  oddHere,
  askedFor,
  wrongAnswer,
];

/** Why a topic is briefed as deep as it is: a rule's name, and its reason by a key of the message catalogue. */
export interface DepthReason {
  rule: string;
  why: string;
  values: Record<string, string | number>;
}

export interface DepthOfTopic {
  topic: Topic;
  depth: Depth;
  reasons: DepthReason[];
}

const rank = (depth: Depth) => depths.indexOf(depth);

/**
 * How deep a topic is briefed. Of what is suggested the deepest counts, and `normal` where nothing is; then no floor is
 * undercut. The reasons are those that made it what it is.
 */
export function depthOf(known: Known): DepthOfTopic {
  const said = depthRules.flatMap((rule) => {
    const answer = rule.weigh(known);
    return answer ? [{ rule, answer }] : [];
  });
  const deepest = (kind: DepthRule["kind"], least: Depth) =>
    said
      .filter(({ rule }) => rule.kind === kind)
      .reduce<Depth>((deep, { answer }) => (rank(answer.depth) > rank(deep) ? answer.depth : deep), least);
  const suggested = said.some(({ rule }) => rule.kind === "suggests") ? deepest("suggests", "skim") : "normal";
  const depth = deepest("floor", suggested);
  const reasons = said
    .filter(({ answer }) => answer.depth === depth)
    .map(({ rule, answer }) => ({ rule: rule.name, why: answer.why, values: answer.values ?? {} }));
  return { topic: known.topic, depth, reasons };
}

/** How much longer or shorter a topic takes than its usual minutes. Halves and half as much again are the base's own rule of thumb. */
export const minutesFactor: Readonly<Record<Depth, number>> = { skim: 0.5, normal: 1, "hands-on": 1.5 };

/**
 * Minutes a topic is planned with, to the half minute and never less than that.
 *
 * @param sharePercent how much shorter the talk gets for who did its drill alone; 0 where nobody did. What is tried with own hands stays.
 */
export function minutesFor({ topic, depth }: Pick<DepthOfTopic, "topic" | "depth">, sharePercent = 0): number {
  const talk = Math.min(1, minutesFactor[depth]);
  const trying = minutesFactor[depth] - talk;
  const minutes = topic.minutes * (talk * (1 - sharePercent / 100) + trying);
  return Math.max(0.5, Math.round(minutes * 2) / 2);
}
