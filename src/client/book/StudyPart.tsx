"use client";
import { useTranslations } from "next-intl";
import { Button } from "@/ui/Button";
import type { BookStore } from "../store/book-store";
import styles from "./Book.module.css";

/** The way into the study, with what has changed on her since this crew last had her. */
export function StudyPart({ store, onOpen }: { store: BookStore; onOpen: () => void }) {
  const t = useTranslations();
  const { book } = store;
  return (
    <section className={styles.part} aria-label={t("study.title")}>
      <h2>{t("study.title")}</h2>
      <p>{t("study.words")}</p>
      {book.changes.length > 0 && (
        <>
          <p>
            <strong>{t("study.changed")}:</strong>
          </p>
          <ul className={styles.changes}>
            {book.changes.map((change) => (
              <li key={change}>{change}</li>
            ))}
          </ul>
        </>
      )}
      <Button look="main" large onClick={onOpen}>
        {t(store.said().length > 0 ? "study.go-on" : "study.open")}
      </Button>
    </section>
  );
}
