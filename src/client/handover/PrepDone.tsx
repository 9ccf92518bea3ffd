"use client";
import { useTranslations } from "next-intl";
import { useMemo } from "react";
import { seenDefects } from "@/core/upkeep/defect";
import { localize } from "@/core/basics/words";
import { findings } from "@/messages/findings";
import { Button } from "@/ui/Button";
import { VerdictMark } from "@/ui/VerdictMark";
import { useHandover, useVersion } from "../store/handover-context";
import { SaveWords } from "../frame/Footer";
import { KnownList } from "./sign/KnownList";
import { lineSubject } from "@/core/handover/lines";
import styles from "./sign/Sign.module.css";

/** The end of the technician's round: what becomes a work order, what was known, and the word that it is done. */
export function PrepDone({ onBack }: { onBack: () => void }) {
  const t = useTranslations();
  const store = useHandover();
  const version = useVersion();
  const { list } = store.bundle;
  const { progress } = store.sums();
  const [noted, ordered] = useMemo(() => {
    void version;
    const folded = store.folded();
    return [findings(t, list, folded), new Set(seenDefects(list, folded).map(({ subject }) => subject))];
  }, [t, list, store, version]);
  const isDone = store.cell("handover", "prep-done") !== undefined;
  return (
    <div className={styles.page}>
      <main className={styles.main}>
        <header className={styles.head}>
          <div>
            <h1>{t(isDone ? "prep.done-title" : "prep.title", { yacht: list.yacht.name })}</h1>
            <p>{t("prep.read", { lines: progress.total, left: progress.left })}</p>
          </div>
          <Button onClick={onBack}>{t("sign.back")}</Button>
        </header>
        <section>
          <h2>{t("prep.not-fine")}</h2>
          {noted.length === 0 && <p>{t("prep.all-fine")}</p>}
          <ul className={styles.briefing}>
            {noted.map((finding) => (
              <li key={finding.id}>
                <span className={styles.said}>
                  <VerdictMark verdict={finding.verdict} /> <strong>{finding.name}</strong>: {finding.words}
                  {ordered.has(lineSubject(finding.id)) && ` · ${t("prep.becomes-work")}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
        <KnownList />
        {progress.left > 0 && !isDone && (
          <p className={styles.stop}>
            {t("prep.left", {
              places: list.places
                .filter((place) => (progress.leftByPlace[place.id] ?? 0) > 0)
                .map((place) => localize(place.name))
                .join(", "),
            })}
          </p>
        )}
        <p>{t("prep.words")}</p>
      </main>
      <footer className={styles.foot}>
        <SaveWords />
        {isDone ? (
          <a href="/today">{t("handover.to-today")}</a>
        ) : (
          <Button look="on-dark" large onClick={() => store.record("handover", "prep-done", { done: true })}>
            {t("prep.done")}
          </Button>
        )}
      </footer>
    </div>
  );
}
