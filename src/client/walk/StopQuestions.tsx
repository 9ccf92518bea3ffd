"use client";
import { useTranslations } from "next-intl";
import { useMemo } from "react";
import { questionsOf } from "@/core/briefing/questions";
import { questionSubject, type OpenQuestion } from "@/core/handover/walk/walk-state";
import { optionWords, questionWords } from "@/messages/question-words";
import { Button } from "@/ui/Button";
import { useHandover } from "../store/handover-context";
import styles from "./Walk.module.css";

/** What this skipper asks or got wrong about a stop; an answer is one tap. */
export function StopQuestions({ stop, questions }: { stop: string; questions: readonly OpenQuestion[] }) {
  const t = useTranslations();
  const store = useHandover();
  const { file, list } = store.bundle;
  const asked = useMemo(() => questionsOf(file), [file]);
  const wrong = (list.briefing?.wrong ?? [])
    .filter((each) => each.topic === stop)
    .flatMap(({ question }) => asked.filter((each) => each.id === question));
  const mine = questions.filter((question) => question.topic === stop);
  if (wrong.length + mine.length === 0) return null;
  return (
    <section className={styles.questions}>
      {wrong.map((question) => {
        const right = question.options.find((option) => option.id === question.right);
        return (
          <p key={question.id} className={styles.wrong}>
            {t("walk.wrong", { question: questionWords(t, question), right: right ? optionWords(t, right.words) : "" })}
          </p>
        );
      })}
      {mine.map(({ id, words, answered }) => (
        <p key={id} className={styles.asks}>
          <span>
            <strong>{t("walk.asked")}:</strong> {words}
          </span>
          <Button
            look={answered ? "chosen" : "plain"}
            aria-pressed={answered}
            onClick={() => store.record(questionSubject(id), "answered", { answered: !answered })}
          >
            {t("walk.answered")}
          </Button>
        </p>
      ))}
    </section>
  );
}
