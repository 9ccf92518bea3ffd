"use client";
import { useEffect, useState } from "react";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import { PaceChoice } from "./PaceChoice";
import { heardOf, Sound } from "./sound";
import { toldWords } from "./words";

/** How the run stands, in one line. */
export const RunStands = ({ run, device, t }: { run: DrillRun; device: string; t: Translator }) => (
  <strong role="status" className={styles.stands}>
    {standsWords(run, device, t)}
  </strong>
);

/** What one does with a run: pause, slow, sound, show me, begin again. */
export const PanelFoot = ({ run, t }: { run: DrillRun; t: Translator }) => (
  <div className={styles.foot}>
    <PaceChoice run={run} t={t} />
    <SoundChoice run={run} t={t} />
    {!run.isShown && !run.hasFault && <Button onClick={() => run.show()}>{t("drill.show")}</Button>}
    <Button onClick={() => run.again()}>{t("drill.begin-again")}</Button>
  </div>
);

function standsWords(run: DrillRun, device: string, t: Translator): string {
  const mistakes = run.mistakes.length;
  if (run.isOver && !run.isShown) {
    if (mistakes > 0) return t("drill.over-wrong", { mistakes });
    return t(run.isPractice ? "drill.over-helped" : "drill.over-clean");
  }
  const [newest] = run.told;
  return [
    newest?.isMistake ? toldWords(t, device, newest) : "",
    run.isDone && !run.isShown ? t("drill.reached-leave") : "",
    t("drill.mistakes", { mistakes }),
  ]
    .filter((words) => words !== "")
    .join(" ");
}

/** Sound is off at first, and off again when the page is left. */
function SoundChoice({ run, t }: { run: DrillRun; t: Translator }) {
  const [isOn, setOn] = useState(false);
  useEffect(() => {
    if (!isOn) return undefined;
    const sound = new Sound();
    const stop = run.subscribe(() =>
      sound.follow(run.pace === "paused" || run.isOver ? heardOf({}) : heardOf(run.state)),
    );
    return () => {
      stop();
      sound.stop();
    };
  }, [isOn, run]);
  if (typeof AudioContext === "undefined") return null;
  return (
    <Button aria-pressed={isOn} onClick={() => setOn(!isOn)}>
      {t(isOn ? "drill.sound-off" : "drill.sound-on")}
    </Button>
  );
}
