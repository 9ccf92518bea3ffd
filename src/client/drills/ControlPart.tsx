"use client";
import type { KeyboardEvent } from "react";
import type { Control } from "@/core/drills/control";
import { Choice } from "@/ui/Choice";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import type { DrillWordsOf } from "./words";

interface Props {
  control: Control;
  run: DrillRun;
  words: DrillWordsOf;
  stands: unknown;
}

/** One control of a device, worked by finger, mouse or keys. */
export function ControlPart({ control, run, words, stands }: Props) {
  const { name } = control;
  const label = words.control(name);
  switch (control.kind) {
    case "button":
      return <Held {...{ name, label, run, isHeld: stands === true }} />;
    case "sense":
      return (
        <button type="button" className={styles.sense} onClick={() => run.act({ do: control.do, control: name })}>
          {label}
        </button>
      );
    case "choice":
      return (
        <div className={styles.control}>
          <span>{label}</span>
          <Choice
            label={label}
            options={control.values.map((value) => ({ value, word: words.value(value) }))}
            value={String(stands)}
            onChoose={(to) => run.act({ do: "set", control: name, to })}
          />
        </div>
      );
    case "number":
      return (
        <label className={styles.control}>
          <span>
            {label} <strong>{stoodAt(control, Number(stands), words)}</strong>
          </span>
          <input
            type="range"
            min={control.min}
            max={control.max}
            step={control.max <= 1 ? 0.01 : 1}
            value={Number(stands)}
            onChange={({ target }) => run.act({ do: "set", control: name, to: Number(target.value) })}
          />
        </label>
      );
  }
}

/** Where a lever or knob stands: a lever of both ways by its way and share, all else in figures. */
function stoodAt({ min, max }: { min: number; max: number }, stands: number, words: DrillWordsOf): string {
  if (max > 1) return stands.toFixed(0);
  const share = `${Math.abs(stands * 100).toFixed(0)} %`;
  if (min >= 0) return share;
  return stands === 0 ? words.value("neutral") : `${words.value(stands > 0 ? "ahead" : "astern")} ${share}`;
}

/** A button that acts for as long as it is held. */
function Held({ name, label, run, isHeld }: { name: string; label: string; run: DrillRun; isHeld: boolean }) {
  const press = () => run.act({ do: "press", control: name });
  const release = () => run.act({ do: "release", control: name });
  const isKey = ({ key }: KeyboardEvent) => key === " " || key === "Enter";
  return (
    <button
      type="button"
      className={styles.held}
      data-held={isHeld ? "" : undefined}
      aria-pressed={isHeld}
      onPointerDown={press}
      onPointerUp={release}
      onPointerLeave={() => isHeld && release()}
      onPointerCancel={release}
      onBlur={() => isHeld && release()}
      onKeyDown={(event) => {
        if (!isKey(event) || event.repeat) return;
        event.preventDefault();
        press();
      }}
      onKeyUp={(event) => isKey(event) && release()}
      onContextMenu={(event) => event.preventDefault()}
    >
      {label}
    </button>
  );
}
