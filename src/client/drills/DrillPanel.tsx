"use client";
import { useCallback, useEffect, useState } from "react";
import { v4 as uuid } from "uuid";
import type { SentFault } from "@/api/schemas/drills";
import type { Drilled } from "@/core/briefing/drilled/drilled";
import { localize } from "@/core/basics/words";
import type { HerDrill, HerTask } from "@/core/drills/hers";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { useLanguage } from "../language/language";
import type { TellDrill } from "./told-drill";
import { DrillRun, type RunMade } from "./drill-run";
import styles from "./Drills.module.css";
import { FaultChoice, type GivenFault } from "./FaultChoice";
import { RunStands } from "./PanelFoot";
import { Shown } from "./Shown";
import { useFrames } from "./useFrames";
import { useDrillWords, type DrillWordsOf } from "./words";
import { useToldDrill } from "./useToldDrill";
import { WorkedParts } from "./WorkedParts";

/** What a page does with each run: keeps it, where it is somebody's own. */
export type OnRun = (drill: HerDrill, task: HerTask, run: RunMade) => void;

interface Props {
  drill: HerDrill;
  /** how whoever works it stands with it; null where nobody is known */
  standing: Drilled | null;
  onRun: OnRun;
  /** tells the base how it stands, so that a briefer can look on and give it a fault */
  tell: TellDrill | undefined;
  onBack: () => void;
}

/** A device of hers to be worked, with one task; nothing says what comes next, unless one asks to be shown. */
export function DrillPanel({ drill, standing, onRun, tell, onBack }: Props) {
  const [chosen, setChosen] = useState(drill.tasks[0]?.task ?? "");
  const [given, setGiven] = useState<GivenFault | null>(null);
  // one device to the base, however often the run begins anew
  const [panel] = useState(() => uuid());
  const [took, setTook] = useState(0);
  const words = useDrillWords(drill);
  const language = useLanguage();
  const { t } = words;
  const task = drill.tasks.find((each) => each.task === chosen);
  const title = t(`drill-device.${drill.device as "engine"}`);
  const take = useCallback(({ number, fault }: SentFault) => {
    setTook(number);
    setGiven((last) =>
      fault === null ? null : { fault, isSecret: true, isSent: true, number: (last?.number ?? 0) + 1 },
    );
  }, []);
  const stands = standing?.tasks.find((each) => each.task === chosen);
  return (
    <div className={styles.page}>
      <Button look="quiet" onClick={onBack}>
        {t("drill.back")}
      </Button>
      <h1>{drill.part ? t("drill.of-part", { title, part: localize(drill.part, language) }) : title}</h1>
      {drill.tasks.length > 1 ? (
        <Choice
          label={title}
          options={drill.tasks.map(({ task: value }) => ({ value, word: t(`drill-task.${value as "lower"}`) }))}
          value={chosen}
          onChoose={setChosen}
        />
      ) : (
        <p className={styles.task}>{t(`drill-task.${chosen as "lower"}`)}</p>
      )}
      {stands && (
        <p className={styles.standing}>
          {stands.isAlone
            ? t("drill.alone")
            : t("drill.standing", { inARow: Math.min(3, stands.inARow), days: Math.min(2, stands.daysClean) })}
        </p>
      )}
      {task && (
        <Worked
          key={`${chosen} ${given?.number ?? ""}`}
          {...{ drill, task, given, words, onRun, tell, panel, took }}
          onSent={take}
        />
      )}
      {given?.isSent && <p role="status">{t("drill.fault-sent")}</p>}
      <FaultChoice device={drill.device} given={given} t={t} onGive={setGiven} />
      <p className={styles.simulated}>{t("drill.simulated")}</p>
    </div>
  );
}

interface WorkedProps {
  drill: HerDrill;
  task: HerTask;
  given: GivenFault | null;
  words: DrillWordsOf;
  onRun: OnRun;
  tell: TellDrill | undefined;
  panel: string;
  took: number;
  onSent: (sent: SentFault) => void;
}

function Worked({ drill, task, given, words, onRun, tell, panel, took, onSent }: WorkedProps) {
  const [run] = useState(
    () => new DrillRun(drill, task, given?.fault ?? null, (made: RunMade) => onRun(drill, task, made)),
  );
  useFrames(run);
  useToldDrill({ drill: drill.key, task: task.task, run, tell, panel, took, onSent });
  useEffect(() => () => run.giveUp(), [run]);
  return (
    <>
      <RunStands run={run} device={drill.device} t={words.t} />
      {run.isShown && <Shown run={run} device={drill.device} words={words} />}
      <WorkedParts run={run} drill={drill} words={words} />
    </>
  );
}
