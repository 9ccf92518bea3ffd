"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import { say } from "@/core/basics/words";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { OddNote } from "@/ui/OddNote";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import styles from "./Book.module.css";

/** A yacht's plan and what is at each place; emergency cards beside it. Place and level may come from the address. */
export function YachtBook({ file, startPlace }: { file: YachtFile; startPlace?: string }) {
  const t = useTranslations();
  const [place, setPlace] = useState<string | null>(startPlace && file.places[startPlace] ? startPlace : null);
  const [level, setLevel] = useState<Level>((place && file.places[place]?.level) || "deck");
  const words = useMemo(
    () => ({
      port: t("plan.port"), starboard: t("plan.starboard"), title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${level}`) }),
      place: (id: string) => say(file.places[id]?.name ?? { en: id }, "en"),
    }),
    [t, file, level],
  );
  const here = place ? file.places[place] : null;
  const at = <T extends { place: string }>(parts: Record<string, T>) => Object.entries(parts).filter(([, part]) => part.place === place);
  return (
    <div className={styles.yacht}>
      <section className={styles.plan} aria-label={t("book.plan")}>
        <div className={styles.levels} role="group" aria-label={t("plan.levels")}>
          {(["deck", "below"] as const).map((each) => (
            <button key={each} type="button" aria-pressed={each === level} onClick={() => setLevel(each)}>
              {t(`level.${each}`)}
            </button>
          ))}
        </div>
        <div className={styles.drawing}>
          <YachtPlan file={file} level={level} words={words} current={place ?? undefined} onPick={setPlace} />
        </div>
      </section>
      <section className={styles.here} aria-live="polite">
        {!here && <p>{t("book.pick")}</p>}
        {here && (
          <>
            <h2>{say(here.name, "en")}</h2>
            <p>
              <strong>{t("book.reach")}:</strong> {say(here.reach, "en")}
            </p>
            {at(file.oddities).map(([id, oddity]) => (
              <OddNote key={id} title={t("place.odd")}>
                {say(oddity.words, "en")}
              </OddNote>
            ))}
            <ul className={styles.rows}>
              {at(file.fittings).map(([id, fitting]) => (
                <li key={id}>
                  <strong>{say(fitting.name, "en")}</strong>
                  <p>{say(fitting.where, "en")}</p>
                  {fitting.how && <p>{say(fitting.how, "en")}</p>}
                </li>
              ))}
              {at(file.inventory).map(([id, item]) => (
                <li key={id}>
                  <strong>
                    {say(item.name, "en")} × {item.expected}
                  </strong>
                  <p>{say(item.where, "en")}</p>
                </li>
              ))}
            </ul>
          </>
        )}
      </section>
      <section className={styles.cards}>
        <h2>{t("book.emergency")}</h2>
        {Object.entries(file.emergencyCards)
          .sort(([, a], [, b]) => a.order - b.order)
          .map(([id, card]) => (
            <details key={id} className={styles.card}>
              <summary>{say(card.title, "en")}</summary>
              <p className={styles.caution}>{say(card.caution, "en")}</p>
              <ol>
                {card.steps.map((step, index) => (
                  <li key={index}>{say(step, "en")}</li>
                ))}
              </ol>
            </details>
          ))}
      </section>
    </div>
  );
}
