"use client";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import { costWords, toldWords } from "./words";

/** What happened and what was done wrong: as a strip of time, and in words, newest first; from each mistake one goes back to just before it. */
export function HasBeen({ run, device, t }: { run: DrillRun; device: string; t: Translator }) {
  const { told } = run;
  const clock = (at: number) =>
    t("drill.at", { minutes: Math.floor(at / 60), seconds: String(Math.floor(at % 60)).padStart(2, "0") });
  return (
    <section className={styles.been} aria-label={t("drill.has-been")}>
      <h2>{t("drill.has-been")}</h2>
      <Strip run={run} words={t("drill.strip", { seconds: Math.floor(run.at) })} />
      {told.length === 0 && <p>{t("drill.nothing-yet")}</p>}
      <ol>
        {told.map((each) => {
          const { at, code, side, isMistake } = each;
          return (
            <li key={`${at} ${code} ${side ?? ""}`} data-mistake={isMistake ? "" : undefined}>
              <span>{clock(at)}</span> {toldWords(t, device, each)}
              {isMistake && (
                <>
                  <small>{t("drill.cost", { cost: costWords(t, device, code) })}</small>
                  <Button look="quiet" onClick={() => run.goBack(at)}>
                    {t("drill.again-from")}
                  </Button>
                </>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** The run as a line in time: a dot for what happened, a stroke for what was done wrong. The list beneath says it in words. */
function Strip({ run, words }: { run: DrillRun; words: string }) {
  const { told, at: now } = run;
  if (told.length === 0) return null;
  const x = (at: number) => 4 + (Math.min(at, now) / Math.max(now, 1)) * 592;
  return (
    <svg className={styles.strip} viewBox="0 0 600 36" preserveAspectRatio="none" role="img" aria-label={words}>
      <line x1="4" y1="24" x2="596" y2="24" />
      {told.map(({ at, code, side, isMistake }) =>
        isMistake ? (
          <rect key={`${at} ${code} ${side ?? ""}`} x={x(at) - 3} y="4" width="6" height="28" data-mistake="" />
        ) : (
          <rect key={`${at} ${code} ${side ?? ""}`} x={x(at) - 3} y="18" width="6" height="12" />
        ),
      )}
    </svg>
  );
}
