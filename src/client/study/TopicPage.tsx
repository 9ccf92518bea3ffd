"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import { localize } from "@/core/basics/words";
import type { DepthOfTopic } from "@/core/briefing/depth";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { depthReasonWords } from "@/messages/depth-words";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { Oddities } from "../parts/Oddities";
import type { BookStore } from "../store/book-store";
import { ProcedureSteps } from "../parts/ProcedureSteps";
import { CheckQuestion } from "./CheckQuestion";
import styles from "./Study.module.css";
import type { Study } from "./useStudy";

interface Props {
  store: BookStore;
  study: Study;
  topic: DepthOfTopic & { minutes: number };
  next: string | null;
  onNext: (topic: string) => void;
  onBack: () => void;
}

/** One topic of the study: what is odd first, then how it is worked with her own figures, her plan, and the questions on it. */
export function TopicPage({ store, study, topic: known, next, onNext, onBack }: Props) {
  const t = useTranslations();
  const { file } = store.book.yacht;
  const { topic, depth, reasons } = known;
  const { state, questions } = study.plan;
  const place = file.places[topic.place];
  const mark = state.marks.get(topic.id);
  const setMark = (value: "understood" | "ask") =>
    void store.say({ about: "topic", topic: topic.id, value: mark === value ? "open" : value });
  const own = state.questions.filter((question) => question.topic === topic.id);
  const { does, say: told } = file.stops[topic.id] ?? {};
  return (
    <article className={styles.topic} aria-labelledby="topic-title">
      <Button onClick={onBack}>{t("study.back")}</Button>
      <header>
        <h1 id="topic-title" tabIndex={-1}>
          {localize(topic.title)}
        </h1>
        <p>
          {localize(place?.name ?? { en: topic.place })}.{" "}
          {reasons.length > 0
            ? t("study.depth", { depth: t(`depth.${depth}`), why: depthReasonWords(t, reasons) })
            : t("study.depth-plain", { depth: t(`depth.${depth}`) })}
        </p>
      </header>
      <div className={styles.sides}>
        <div className={styles.reading}>
          <Oddities file={file} keys={topic.oddities} />
          {told && <p>{localizeFigures(file, told)}</p>}
          {topic.procedures.map((id, index) => (
            <ProcedureSteps key={id} file={file} id={id} isOpen={index === 0} />
          ))}
          {does && (
            <p className={styles.does}>
              <strong>{t("walk.does")}</strong> {localize(does).replace(/^./, (letter) => letter.toLowerCase())}
            </p>
          )}
          {questions
            .filter((question) => question.topic === topic.id)
            .map((question) => (
              <CheckQuestion
                key={question.id}
                question={question}
                given={state.checks.get(question.id)}
                onAnswer={(value) => void store.say({ about: "check", question: question.id, value })}
              />
            ))}
          <OwnQuestions store={store} topic={topic.id} kept={own} />
        </div>
        <div className={styles.plan}>
          <WhereItIs file={file} place={topic.place} />
        </div>
      </div>
      <TopicFoot
        mark={mark}
        onAsk={() => setMark("ask")}
        onUnderstood={() => {
          if (mark !== "understood") setMark("understood");
          if (next) onNext(next);
          else onBack();
        }}
      />
    </article>
  );
}

/** The skipper's own questions on a topic, which the briefer answers at the walk. */
function OwnQuestions({
  store,
  topic,
  kept,
}: {
  store: BookStore;
  topic: string;
  kept: readonly { id: string; words: string }[];
}) {
  const t = useTranslations();
  const [words, setWords] = useState("");
  return (
    <>
      <Field label={t("study.question")}>
        {(ids) => (
          <textarea
            {...ids}
            rows={2}
            maxLength={500}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        )}
      </Field>
      <Button
        disabled={words.trim() === ""}
        onClick={() => {
          void store.say({ about: "question", topic, value: words.trim() });
          setWords("");
        }}
      >
        {t("study.question-keep")}
      </Button>
      {kept.length > 0 && (
        <>
          <h2>{t("study.question-kept")}</h2>
          <ul className={styles.own}>
            {kept.map((question) => (
              <li key={question.id}>{question.words}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

/** Where on her plan it is. */
function WhereItIs({ file, place: id }: { file: YachtFile; place: string }) {
  const t = useTranslations();
  const place = file.places[id];
  const planWords = useMemo(
    () => ({
      port: t("plan.port"),
      starboard: t("plan.starboard"),
      title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${place?.level ?? "deck"}`) }),
      place: (each: string) => localize(file.places[each]?.name ?? { en: each }),
    }),
    [t, file, place],
  );
  return place && <YachtPlan file={file} level={place.level} words={planWords} current={id} />;
}

/** Understood, or to be asked about at the walk. */
function TopicFoot({
  mark,
  onAsk,
  onUnderstood,
}: {
  mark: "understood" | "ask" | undefined;
  onAsk: () => void;
  onUnderstood: () => void;
}) {
  const t = useTranslations();
  return (
    <footer className={styles.foot}>
      <Button
        look={mark === "ask" ? "chosen" : "on-dark"}
        className={mark === "ask" ? styles.taken : styles.outline}
        large
        aria-pressed={mark === "ask"}
        onClick={onAsk}
      >
        {t("study.ask")}
      </Button>
      <Button look="on-dark" large aria-pressed={mark === "understood"} onClick={onUnderstood}>
        {t("study.understood")}
      </Button>
    </footer>
  );
}
