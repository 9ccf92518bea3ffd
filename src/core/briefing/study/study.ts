import type { YachtFile } from "../../yacht/schema";
import { depthOf, minutesFor, type DepthOfTopic } from "../depth";
import type { Experience } from "../experience";
import { farBelow, type FarBelow } from "../far-below";
import { questionsOf, type Question } from "../questions";
import { notBegun, walkInput } from "../stops/walk-input";
import { topicsOf } from "../topics";
import { planWalk } from "../walk/plan-walk";
import type { WalkOrder } from "../walk/schema";
import { usualRules } from "../../base/rules";
import { drilledOf, type Drilled } from "../drilled/drilled";
import type { DrillRunKept } from "../drilled/run";
import type { StudyAnswer } from "./answer";

/** Where a study stands, by the answers given so far. */
export interface StudyState {
  experience: Experience | null;
  marks: ReadonlyMap<string, "understood" | "ask">;
  /** answer to each question of the yacht that was answered, and whether it is right of this file */
  checks: ReadonlyMap<string, { option: string; right: boolean }>;
  /** the skipper's own questions, in order */
  questions: { id: string; topic: string | null; words: string }[];
  /** every run of a drill, in order */
  drills: DrillRunKept[];
}

/** Answers in the order they were given; of the same instant by id, so that every device tells the same. */
const inOrder = (answers: readonly StudyAnswer[]) =>
  [...answers].sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1));

/** What stands of a study: the last answer about each thing. Right and wrong are reckoned anew from the file, never stored. */
export function studyState(answers: readonly StudyAnswer[], questions: readonly Question[]): StudyState {
  let experience: Experience | null = null;
  const marks = new Map<string, "understood" | "ask">();
  const checks = new Map<string, { option: string; right: boolean }>();
  const own = new Map<string, StudyState["questions"][number]>();
  const drills: DrillRunKept[] = [];
  const rightOf = new Map(questions.map((question) => [question.id, question]));
  for (const answer of inOrder(answers)) {
    if (answer.about === "experience") experience = answer.value;
    else if (answer.about === "drill") drills.push(answer);
    else if (answer.about === "topic") {
      if (answer.value === "open") marks.delete(answer.topic);
      else marks.set(answer.topic, answer.value);
    } else if (answer.about === "question")
      own.set(answer.id, { id: answer.id, topic: answer.topic, words: answer.value });
    else {
      const question = rightOf.get(answer.question);
      // a question that the file no more has, or an option it no more offers, counts as not answered
      if (question?.options.some((option) => option.id === answer.value))
        checks.set(answer.question, { option: answer.value, right: question.right === answer.value });
    }
  }
  return { experience, marks, checks, questions: [...own.values()], drills };
}

/** A yacht's briefing for one skipper: each topic with its depth and why, what it takes, and what the manager should know. */
export interface BriefingPlan {
  topics: (DepthOfTopic & { minutes: number })[];
  /** planned minutes by stop */
  minutes: Record<string, number>;
  questions: Question[];
  state: StudyState;
  farBelow: FarBelow | null;
  /** how the skipper stands with each of her devices */
  drilled: Drilled[];
}

/**
 * Reckons the briefing out of the yacht file and what the skipper said and drilled in the study. The talk about a device
 * whose drill was done alone gets shorter by the base's share, but for topics of safety and what was answered wrongly.
 *
 * @param sharePercent the base's share
 */
export function briefingPlan(
  file: YachtFile,
  answers: readonly StudyAnswer[],
  sharePercent = usualRules.drillSharePercent ?? 0,
): BriefingPlan {
  const questions = questionsOf(file);
  const state = studyState(answers, questions);
  const all = topicsOf(file);
  const drilled = drilledOf(file, all, state.drills);
  const topics = all.map((topic) => {
    const wrong = questions.filter(
      (question) => question.topic === topic.id && state.checks.get(question.id)?.right === false,
    ).length;
    const asked = state.questions.filter((question) => question.topic === topic.id).length;
    const known = depthOf({
      file,
      topic,
      experience: state.experience,
      mark: state.marks.get(topic.id) ?? null,
      wrong,
      asked,
    });
    const drills = drilled.filter((each) => each.topics.includes(topic.id));
    const isShorter = drills.length > 0 && drills.every(({ isAlone }) => isAlone) && !topic.safety && wrong === 0;
    if (!isShorter || sharePercent === 0) return { ...known, minutes: minutesFor(known) };
    const reasons = [...known.reasons, { rule: "drilled", why: "drilled", values: {} }];
    return { ...known, reasons, minutes: minutesFor(known, sharePercent) };
  });
  return {
    topics,
    minutes: Object.fromEntries(topics.map(({ topic, minutes }) => [topic.id, minutes])),
    questions,
    state,
    farBelow: state.experience && farBelow(file, state.experience),
    drilled,
  };
}

/** Minutes the whole walk will take, talk and walking, to the minute. */
export function walkMinutes(
  file: YachtFile,
  minutes: Readonly<Record<string, number>>,
  order: WalkOrder = "deck-first",
): number {
  const plan = planWalk(walkInput(file, order, notBegun, minutes));
  return Math.round(plan.talkMinutes + plan.walkSeconds / 60);
}
