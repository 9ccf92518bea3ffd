"use client";
import { Button } from "@/ui/Button";
import type { ShownStep } from "@/core/drills/shows";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import { costWords, type DrillWordsOf } from "./words";

/** What is done just now while it is shown, and what it spares one. */
export function Shown({ run, device, words }: { run: DrillRun; device: string; words: DrillWordsOf }) {
  const { t } = words;
  const step = run.shownStep;
  return (
    <div className={styles.shown}>
      <p role="status">
        <strong>{step ? stepWords(step, run, words) : t("drill.shown-begins")}</strong>
        {step?.avoids && <span>{t("drill.shown-why", { cost: costWords(t, device, step.avoids) })}</span>}
      </p>
      <Button look="main" onClick={() => run.again()}>
        {t("drill.do-it")}
      </Button>
    </div>
  );
}

function stepWords({ do: deed, control = "", to }: ShownStep, run: DrillRun, words: DrillWordsOf): string {
  const { t } = words;
  const of = words.control(control);
  switch (deed) {
    case "look":
    case "feel":
      return t("drill.shown-look", { control: of });
    case "listen":
      return t("drill.shown-listen", { control: of });
    case "set":
      return t("drill.shown-set", {
        control: of,
        to: words.stood(
          run.controls.find(({ name }) => name === control),
          to ?? "",
        ),
      });
    case "leave":
      return t("drill.shown-leave");
    default:
      return t("drill.shown-press", { control: of });
  }
}
