import type { YachtFile } from "../../yacht/schema";
import { briefedDrills } from "../drilled/briefed";
import type { BriefingPart } from "../part";
import type { StudyAnswer } from "./answer";
import { studiedRevision } from "./studied-revision";
import { briefingPlan } from "./study";

/** The briefing of a check-in, out of the pinned yacht file and what the skipper said in the study. */
export function makeBriefingPart(
  file: YachtFile,
  answers: readonly StudyAnswer[],
  sharePercent?: number,
): BriefingPart {
  const { topics, questions, state, drilled } = briefingPlan(file, answers, sharePercent);
  const drills = drilled.flatMap(briefedDrills);
  const revision = studiedRevision(answers);
  const byTopic = new Map(questions.map((question) => [question.id, question.topic]));
  return {
    stops: topics.map(({ topic: { id, title, place, system, safety }, depth, reasons, minutes }) => ({
      id,
      title,
      place,
      system,
      safety,
      depth,
      why: reasons.map(({ why, values }) => ({ why, values })),
      minutes,
    })),
    questions: state.questions,
    wrong: [...state.checks].flatMap(([question, { right }]) =>
      right ? [] : [{ topic: byTopic.get(question) ?? "", question }],
    ),
    studied:
      revision === null
        ? null
        : {
            revision,
            answered: state.checks.size,
            asked: questions.length,
          },
    language: state.experience?.language ?? null,
    ...(drills.length > 0 ? { drills } : {}),
  };
}
