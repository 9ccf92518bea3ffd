"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useState } from "react";
import { localize } from "@/core/basics/words";
import { systems } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { Chip } from "@/ui/Chip";
import { EmergencyButton } from "../parts/EmergencyButton";
import type { BookStore } from "../store/book-store";
import { AskedDrills } from "./AskedDrills";
import { ExperienceForm } from "./ExperienceForm";
import styles from "./Study.module.css";
import { TopicPage } from "./TopicPage";
import { useStudy, type Study } from "./useStudy";

/** The study before arrival: what the skipper has handled, her topics by system, and the questions on them. */
export function StudyScreen({
  store,
  onBack,
  onDrill,
}: {
  store: BookStore;
  onBack: () => void;
  onDrill: (drill: string | null) => void;
}) {
  const t = useTranslations();
  const study = useStudy(store);
  const { plan, save, walkMinutes } = study;
  const [open, setOpen] = useState<string | null>(null);
  const goTo = useCallback((topic: string | null) => {
    setOpen(topic);
    scrollTo(0, 0);
  }, []);
  useEffect(() => {
    document.getElementById(open ? "topic-title" : "study-title")?.focus({ preventScroll: true });
  }, [open]);
  useSendingOnline(store);
  const inOrder = systems.flatMap((system) => plan.topics.filter(({ topic }) => topic.system === system));
  const index = inOrder.findIndex(({ topic }) => topic.id === open);
  const shown = inOrder[index];
  if (shown) {
    return (
      <main className={`${styles.page} ${styles.withFoot}`}>
        <EmergencyButton file={store.book.yacht.file} />
        <TopicPage
          key={shown.topic.id}
          store={store}
          study={study}
          topic={shown}
          next={inOrder[index + 1]?.topic.id ?? null}
          onNext={goTo}
          onBack={() => goTo(null)}
        />
      </main>
    );
  }
  const right = [...plan.state.checks.values()].filter((check) => check.right).length;
  return (
    <main className={styles.page}>
      <EmergencyButton file={store.book.yacht.file} />
      <Button onClick={onBack}>{t("study.back-to-book")}</Button>
      <h1 id="study-title" tabIndex={-1}>
        {t("study.title")}
      </h1>
      <p>{t("study.words")}</p>
      <p className={styles.minutes}>
        {walkMinutes !== null && <strong>{t("study.minutes", { minutes: walkMinutes })}</strong>}{" "}
        {t("study.progress", {
          done: plan.state.marks.size,
          all: plan.topics.length,
          right,
          asked: plan.questions.length,
        })}
      </p>
      <p role="status" className={styles.save}>
        {save.fault
          ? t("study.fault", { fault: save.fault })
          : save.waiting > 0
            ? t("study.waiting", { waiting: save.waiting })
            : t("study.sent")}
      </p>
      <ExperiencePart store={store} plan={plan} />
      <AskedDrills store={store} onDrill={onDrill} />
      <TopicsBySystem inOrder={inOrder} plan={plan} onOpen={goTo} />
    </main>
  );
}

/** What the skipper has handled, as it was told, and the way to change it. */
function ExperiencePart({ store, plan }: { store: BookStore; plan: Study["plan"] }) {
  const t = useTranslations();
  const [editing, setEditing] = useState(plan.state.experience === null);
  return (
    <section className={styles.part} aria-label={t("study.experience")}>
      <h2>{t("study.experience")}</h2>
      {editing ? (
        <ExperienceForm
          experience={plan.state.experience}
          onKeep={(value) => {
            void store.say({ about: "experience", value });
            setEditing(false);
          }}
        />
      ) : (
        <p className={styles.kept}>
          {t("study.kept")} <Button onClick={() => setEditing(true)}>{t("study.change")}</Button>
        </p>
      )}
    </section>
  );
}

/** Sends what waits as soon as there is signal. */
function useSendingOnline(store: BookStore): void {
  useEffect(() => {
    const online = () => void store.send();
    addEventListener("online", online);
    return () => removeEventListener("online", online);
  }, [store]);
}

/** Her topics under the system that each belongs to. */
function TopicsBySystem({
  inOrder,
  plan,
  onOpen,
}: {
  inOrder: Study["plan"]["topics"];
  plan: Study["plan"];
  onOpen: (topic: string) => void;
}) {
  const t = useTranslations();
  return (
    <section className={styles.part} aria-label={t("study.topics")}>
      <h2>{t("study.topics")}</h2>
      {systems.map((system) => {
        const topics = inOrder.filter(({ topic }) => topic.system === system);
        if (topics.length === 0) return null;
        return (
          <div key={system} className={styles.system}>
            <h3>{t(`system.${system}`)}</h3>
            <ul>
              {topics.map((known) => (
                <TopicRow key={known.topic.id} known={known} plan={plan} onOpen={onOpen} />
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}

function TopicRow({
  known: { topic, depth, minutes },
  plan,
  onOpen,
}: {
  known: Study["plan"]["topics"][number];
  plan: Study["plan"];
  onOpen: (topic: string) => void;
}) {
  const t = useTranslations();
  const mark = plan.state.marks.get(topic.id);
  const questions = plan.questions.filter((question) => question.topic === topic.id);
  const open = questions.filter((question) => !plan.state.checks.has(question.id)).length;
  return (
    <li>
      <button type="button" className={styles.row} onClick={() => onOpen(topic.id)}>
        <span>
          <strong>{localize(topic.title)}</strong>
          <small>
            {t(`depth.${depth}`)} · {t("study.minutes-topic", { minutes })}
            {topic.safety && ` · ${t("study.safety")}`}
            {open > 0 && ` · ${t("study.questions-open", { open })}`}
          </small>
        </span>
        {topic.oddities.length > 0 && <Chip verdict="watch">{t("study.odd")}</Chip>}
        {mark && (
          <Chip verdict={mark === "understood" ? "fine" : "watch"}>
            {t(mark === "understood" ? "study.understood" : "study.ask")}
          </Chip>
        )}
      </button>
    </li>
  );
}
