"use client";
import { useTranslations } from "next-intl";
import type { Question } from "@/core/briefing/questions";
import { optionWords, questionWords } from "@/messages/question-words";
import { Button } from "@/ui/Button";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./Study.module.css";

/** One question that is true of this yacht; the answer is judged at once, and can be given again. */
export function CheckQuestion({
  question,
  given,
  onAnswer,
}: {
  question: Question;
  given: { option: string; right: boolean } | undefined;
  onAnswer: (option: string) => void;
}) {
  const t = useTranslations();
  const right = question.options.find((option) => option.id === question.right);
  return (
    <section className={styles.check} aria-label={questionWords(t, question)}>
      <h2>{questionWords(t, question)}</h2>
      <div className={styles.options} role="group">
        {question.options.map((option) => (
          <Button
            key={option.id}
            look={given?.option === option.id ? "chosen" : "plain"}
            aria-pressed={given?.option === option.id}
            onClick={() => onAnswer(option.id)}
          >
            {optionWords(t, option.words)}
          </Button>
        ))}
      </div>
      {given && (
        <p role="status" className={given.right ? styles.right : styles.wrong}>
          <VerdictMark verdict={given.right ? "fine" : "watch"} />{" "}
          {given.right
            ? t("study.right")
            : t("study.wrong", { right: right ? optionWords(t, right.words).replace(/\.$/, "") : "" })}
        </p>
      )}
    </section>
  );
}
