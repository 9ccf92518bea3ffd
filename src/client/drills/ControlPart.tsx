"use client";
import type { Control } from "@/core/drills/control";
import type { DrawnControl } from "@/core/drills/hers";
import { Choice } from "@/ui/Choice";
import { StateDrawing } from "@/ui/plan/StateDrawing";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import { HeldButton } from "./HeldButton";
import { KeySwitch, Lever, PullHandle } from "./Drawn";
import type { DrillWordsOf } from "./words";

interface Props {
  control: Control;
  /** how it is made on her, where her file tells */
  look?: string | undefined;
  /** how it is drawn in each of its values, where her file tells */
  drawn?: DrawnControl | undefined;
  /** whether what it puts on is on: a key that is turned */
  isOn?: boolean;
  run: DrillRun;
  words: DrillWordsOf;
  stands: unknown;
}

/** One control of a device, worked by finger, mouse or keys. */
export function ControlPart({ control, look, drawn, isOn = false, run, words, stands }: Props) {
  const { name } = control;
  const label = words.control(name);
  const isLever = control.kind === "number" && control.min === -1 && control.max === 1;
  switch (control.kind) {
    case "button":
      return <Held {...{ name, label, look, isOn, run, isHeld: stands === true }} />;
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
            options={control.values.map((value) => ({ value, word: words.value(value), ...pictureOf(drawn, value) }))}
            value={String(stands)}
            onChoose={(to) => run.act({ do: "set", control: name, to })}
          />
        </div>
      );
    case "number":
      return (
        <label className={styles.control} data-lever={isLever ? "" : undefined}>
          {isLever && <Lever stands={Number(stands)} isLevel={look === "level"} />}
          <span>
            {label} <strong>{words.stood(control, Number(stands))}</strong>
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

/** A stand as her fitting has it; nothing where her file does not tell. */
function pictureOf(drawn: DrawnControl | undefined, value: string) {
  const at = drawn?.at[value];
  return drawn && at ? { picture: <StateDrawing shape={drawn.shape} at={at} /> } : {};
}

interface HeldProps {
  name: string;
  label: string;
  look: string | undefined;
  isOn: boolean;
  run: DrillRun;
  isHeld: boolean;
}

/** A button that acts for as long as it is held; a key is turned, a handle pulled out. */
function Held({ name, label, look, isOn, run, isHeld }: HeldProps) {
  const press = () => {
    // felt where a device can
    navigator.vibrate?.(15);
    run.act({ do: "press", control: name });
  };
  return (
    <HeldButton {...{ isHeld, look }} onPress={press} onRelease={() => run.act({ do: "release", control: name })}>
      {look === "key" && <KeySwitch isOn={isOn} />}
      {look === "pull" && <PullHandle isOut={isHeld} />}
      {label}
    </HeldButton>
  );
}
