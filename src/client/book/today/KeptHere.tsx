"use client";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { NoSignalState } from "../../offline/NoSignalState";
import type { BookStore } from "../../store/book-store";
import styles from "../Book.module.css";
import { useAt } from "../useAt";

/** How far the book is kept on this device: photo by photo, and at the end what is kept and until when. */
export function KeptHere({ store }: { store: BookStore }) {
  const t = useTranslations();
  const at = useAt(store.book.base.timeZone);
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const [bytes, setBytes] = useState<number | null>(null);
  useEffect(() => {
    let gone = false;
    void store.keepEverything((done, of) => !gone && setProgress({ done, of })).then((sum) => !gone && setBytes(sum));
    return () => {
      gone = true;
    };
  }, [store]);
  const { until } = store.book;
  return (
    <section className={styles.block} aria-label={t("offline.title")}>
      {bytes === null && progress !== null && (
        <progress aria-label={t("offline.photos", progress)} value={progress.done} max={progress.of} />
      )}
      <NoSignalState shell="/book" bytes={bytes} />
      {bytes !== null && until !== undefined && <p>{t("offline.until", { at: at(until) })}</p>}
      {store.keptAt && <p role="status">{t("book.kept-from", { at: at(store.keptAt) })}</p>}
    </section>
  );
}
