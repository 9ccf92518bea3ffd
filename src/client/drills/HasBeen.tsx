"use client";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import { toldWords } from "./words";

/** What happened and what was done wrong, newest first; from each mistake one goes back to just before it. */
export function HasBeen({ run, device, t }: { run: DrillRun; device: string; t: Translator }) {
  const { told } = run;
  const clock = (at: number) =>
    t("drill.at", { minutes: Math.floor(at / 60), seconds: String(Math.floor(at % 60)).padStart(2, "0") });
  return (
    <section className={styles.been} aria-label={t("drill.has-been")}>
      <h2>{t("drill.has-been")}</h2>
      {told.length === 0 && <p>{t("drill.nothing-yet")}</p>}
      <ol>
        {told.map((each) => {
          const { at, code, side, isMistake } = each;
          return (
            <li key={`${at} ${code} ${side ?? ""}`} data-mistake={isMistake ? "" : undefined}>
              <span>{clock(at)}</span> {toldWords(t, device, each)}
              {isMistake && (
                <Button look="quiet" onClick={() => run.again(at)}>
                  {t("drill.again-from")}
                </Button>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
