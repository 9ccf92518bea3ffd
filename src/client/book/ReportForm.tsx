"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";
import type { BookStore } from "../store/book-store";
import styles from "./Book.module.css";
import { SendReport } from "./SendReport";
import { usePhotos } from "../photos/usePhotos";

/** Reporting what was found after the signature: on which line, what, with photos. It is kept here first and sent when there is signal. */
export function ReportForm({ store, line, onDone }: { store: BookStore; line: string | null; onDone: () => void }) {
  const t = useTranslations();
  const lines = store.book.afterwards?.lines ?? [];
  const [about, setAbout] = useState(line ?? "");
  const [words, setWords] = useState("");
  const taken = usePhotos();
  const { photos } = taken;
  const [empty, setEmpty] = useState(false);
  const keep = async () => {
    if (words.trim() === "") return setEmpty(true);
    await store.add(
      {
        kind: "late-finding",
        line: about === "" ? null : about,
        words: words.trim(),
        photos: photos.map(({ hash }) => hash),
      },
      photos,
    );
    onDone();
  };
  return (
    <div className={styles.report} role="group" aria-label={t("after.report")}>
      <Field label={t("after.about")}>
        {(ids) => (
          <select {...ids} value={about} onChange={(event) => setAbout(event.target.value)}>
            <option value="">{t("after.no-line")}</option>
            {lines.map((each) => (
              <option key={each.id} value={each.id}>
                {each.place}: {each.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label={t("after.what")} error={empty ? t("test.words-missing") : null}>
        {(ids) => (
          <textarea
            {...ids}
            rows={3}
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
