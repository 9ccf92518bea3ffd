"use client";
import type { Control } from "@/core/drills/control";
import type { HerDrill } from "@/core/drills/hers";
import { ControlPart } from "./ControlPart";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import { HasBeen } from "./HasBeen";
import { Gauges, gaugesOf, Seen } from "./OutputPart";
import { PanelFoot } from "./PanelFoot";
import type { DrillWordsOf } from "./words";

/** What has been, the panel with its gauges and buttons, what is set and what is looked at. */
export function WorkedParts({ run, drill, words }: { run: DrillRun; drill: HerDrill; words: DrillWordsOf }) {
  const { t } = words;
  const { state } = run;
  const buttons = run.controls.filter(({ kind }) => kind === "button");
  const others = run.controls.filter(({ kind }) => kind === "choice" || kind === "number");
  const senses = run.controls.filter(({ kind }) => kind === "sense");
  const part = (control: Control) => {
    const [base = "", side] = control.name.split(":");
    const isOn = state[side === undefined ? "panel" : `panel:${side}`] === true;
    return (
      <ControlPart
        key={control.name}
        {...{
          control,
          run,
          words,
          isOn,
          look: drill.looks[base],
          drawn: drill.drawn[control.name] ?? drill.drawn[base],
          stands: state[control.name],
        }}
      />
    );
  };
  const hasPanel = buttons.length > 0 || gaugesOf(run).length > 0;
  return (
    <div className={styles.worked} data-wide={hasPanel ? "" : undefined}>
      {hasPanel && (
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
      <PanelFoot run={run} t={t} />
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
  );
}
