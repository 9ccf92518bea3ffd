"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { dayIn } from "@/core/basics/instant";
import { incidentKinds, type IncidentKind } from "@/core/incidents/incident";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import type { BookStore } from "../store/book-store";
import styles from "./Book.module.css";
import { SendReport } from "./SendReport";
import { usePhotos } from "../photos/usePhotos";

/** Telling what happened on the way, honestly and before the check-out: kept here first, sent when there is signal. */
export function IncidentForm({ store, nowMs, onDone }: { store: BookStore; nowMs: number; onDone: () => void }) {
  const t = useTranslations();
  const [what, setWhat] = useState<IncidentKind | null>(null);
  const [day, setDay] = useState(() => dayIn(new Date(nowMs).toISOString(), store.book.base.timeZone));
  const [words, setWords] = useState("");
  const [tried, setTried] = useState(false);
  const taken = usePhotos();
  const { photos } = taken;
  const isDay = /^\d{4}-\d{2}-\d{2}$/.test(day) && !Number.isNaN(Date.parse(day));
  const keep = async () => {
    setTried(true);
    if (what === null || words.trim() === "" || !isDay) return;
    await store.add(
      { kind: "incident", what, happenedOn: day, words: words.trim(), photos: photos.map(({ hash }) => hash) },
      photos,
    );
    onDone();
  };
  return (
    <div className={styles.report} role="group" aria-label={t("coming-back.tell")}>
      <p>{t("coming-back.honest")}</p>
      <Choice
        label={t("coming-back.what")}
        options={incidentKinds.map((kind) => ({ value: kind, word: t(`incident.${kind}`) }))}
        value={what}
        onChoose={setWhat}
      />
      {tried && what === null && <p role="alert">{t("coming-back.what-missing")}</p>}
      <Field label={t("coming-back.day")} error={tried && !isDay ? t("coming-back.day-wrong") : null}>
        {(ids) => <input {...ids} type="date" value={day} onChange={(event) => setDay(event.target.value)} />}
      </Field>
      <Field label={t("coming-back.words")} error={tried && words.trim() === "" ? t("test.words-missing") : null}>
        {(ids) => (
          <textarea
            {...ids}
            rows={4}
            maxLength={1000}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        )}
      </Field>
      <SendReport photos={taken} onSend={keep} onDone={onDone} />
    </div>
  );
}
