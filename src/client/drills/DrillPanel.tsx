"use client";
import { useEffect, useState, useSyncExternalStore } from "react";
import { localize } from "@/core/basics/words";
import type { HerDrill, HerTask } from "@/core/drills/from-file";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { useLanguage } from "../language/language";
import { ControlPart } from "./ControlPart";
import { DrillRun, type Pace } from "./drill-run";
import styles from "./Drills.module.css";
import { HasBeen } from "./HasBeen";
import { Gauges, gaugesOf, Seen } from "./OutputPart";
import { toldWords, useDrillWords, type DrillWordsOf } from "./words";

/** A device of hers to be worked, with one task; nothing says what comes next. */
export function DrillPanel({ drill, onBack }: { drill: HerDrill; onBack: () => void }) {
  const [chosen, setChosen] = useState(drill.tasks[0]?.task ?? "");
  const words = useDrillWords(drill.device);
  const language = useLanguage();
  const { t } = words;
  const task = drill.tasks.find((each) => each.task === chosen);
  const title = t(`drill-device.${drill.device as "engine"}`);
  return (
    <div className={styles.page}>
      <Button look="quiet" onClick={onBack}>
        {t("drill.back")}
      </Button>
      <h1>{drill.part ? t("drill.of-part", { title, part: localize(drill.part, language) }) : title}</h1>
      {drill.tasks.length > 1 && (
        <Choice
          label={title}
          options={drill.tasks.map(({ task: value }) => ({ value, word: t(`drill-task.${value as "lower"}`) }))}
          value={chosen}
          onChoose={setChosen}
        />
      )}
      {task && <Worked key={chosen} {...{ drill, task, words }} />}
    </div>
  );
}

function Worked({ drill, task, words }: { drill: HerDrill; task: HerTask; words: DrillWordsOf }) {
  const { t } = words;
  const [run] = useState(() => new DrillRun(drill, task));
  useSyncExternalStore(run.subscribe, run.snapshot, run.snapshot);
  useEffect(() => {
    let frame = requestAnimationFrame(function next(nowMs) {
      run.tick(nowMs);
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [run]);
  const { state, mistakes, isDone } = run;
  const [newest] = run.told;
  const buttons = run.controls.filter(({ kind }) => kind === "button");
  const others = run.controls.filter(({ kind }) => kind === "choice" || kind === "number");
  const senses = run.controls.filter(({ kind }) => kind === "sense");
  const part = (control: (typeof run.controls)[number]) => (
    <ControlPart key={control.name} {...{ control, run, words, stands: state[control.name] }} />
  );
  return (
    <>
      {drill.tasks.length === 1 && <p className={styles.task}>{t(`drill-task.${task.task as "lower"}`)}</p>}
      <div className={styles.foot}>
        <strong role="status">
          {newest?.isMistake && `${toldWords(t, drill.device, newest)} `}
          {isDone && mistakes.length === 0
            ? t("drill.reached-clean")
            : `${isDone ? `${t("drill.reached")} ` : ""}${t("drill.mistakes", { mistakes: mistakes.length })}`}
        </strong>
        <PaceChoice run={run} t={t} />
        <Button look="on-dark" onClick={() => run.again()}>
          {t("drill.begin-again")}
        </Button>
      </div>
      <div className={styles.worked}>
        {(buttons.length > 0 || gaugesOf(run).length > 0) && (
          <div className={styles.panel}>
            <Gauges run={run} words={words} mostRpm={Number(drill.setup.maximumRpm ?? 3000)} />
            {buttons.length > 0 && (
              <div className={styles.buttons} role="group" aria-label={t("drill.hold")}>
                {buttons.map(part)}
              </div>
            )}
            {buttons.length > 0 && <p className={styles.hint}>{t("drill.hold")}</p>}
          </div>
        )}
        <div className={styles.controls}>
          {others.map(part)}
          <div className={styles.senses}>
            {senses.map(part)}
            <button type="button" className={styles.sense} onClick={() => run.act({ do: "leave" })}>
              {t("drill.leave")}
            </button>
          </div>
          <Seen run={run} words={words} />
        </div>
        <HasBeen run={run} device={drill.device} t={t} />
      </div>
      <p className={styles.simulated}>{t("drill.simulated")}</p>
    </>
  );
}

function PaceChoice({ run, t }: { run: DrillRun; t: DrillWordsOf["t"] }) {
  const next: Readonly<Record<Pace, Pace>> = { usual: "paused", slow: "paused", paused: "usual" };
  return (
    <>
      <Button look="on-dark" onClick={() => run.setPace(next[run.pace])}>
        {t(run.pace === "paused" ? "drill.go-on" : "drill.pause")}
      </Button>
      <Button
        look="on-dark"
        aria-pressed={run.pace === "slow"}
        onClick={() => run.setPace(run.pace === "slow" ? "usual" : "slow")}
      >
        {t(run.pace === "slow" ? "drill.usual-pace" : "drill.slow")}
      </Button>
    </>
  );
}
