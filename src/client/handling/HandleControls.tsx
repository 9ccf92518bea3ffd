"use client";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import { Lever } from "../drills/Drawn";
import { HeldButton } from "../drills/HeldButton";
import drills from "../drills/Drills.module.css";
import styles from "./Handling.module.css";
import type { HandlingRun } from "./handling-run";

const most = { lever: 1, wheel: 35 } as const;

/** Levers, wheel, thrusters and lines: all at once, if need be; a lever and the wheel stay where they are put. */
export function HandleControls({ run, t }: { run: HandlingRun; t: Translator }) {
  const { engines, thrusters = [] } = run.boat;
  const sideOf = (starboard: number) => (starboard < 0 ? "port" : "starboard");
  return (
    <div className={styles.controls}>
      <div className={styles.levers}>
        {engines.map(({ id = "", atM: [, side] }) => {
          const isOne = engines.length === 1;
          const control = isOne ? "lever" : `lever:${id}`;
          const label = isOne ? t("handle.lever") : t(`handle.lever-${sideOf(side)}`);
          return (
            <Slider key={id} {...{ run, control, label }} most={most.lever} step={0.05} words={share(run, control, t)}>
              <Lever stands={run.standsAt(control)} isLevel={false} />
            </Slider>
          );
        })}
      </div>
      <Slider
        {...{ run, control: "wheel", label: t("handle.wheel") }}
        most={most.wheel}
        step={1}
        words={wheelWords(run.standsAt("wheel"), t)}
      />
      {thrusters.map(({ id }) => (
        <div key={id} className={drills.senses} role="group" aria-label={t(`handle.thruster-${id as "bow"}`)}>
          {([-1, 1] as const).map((way) => (
            <Push
              key={way}
              {...{ run, control: `thruster:${id}`, way }}
              label={t(`handle.push-${id as "bow"}-${way < 0 ? "port" : "starboard"}`)}
            />
          ))}
        </div>
      ))}
      {run.fast.length > 0 && (
        <div className={drills.senses} role="group" aria-label={t("handle.lines")}>
          {run.fast.map((line) => (
            <Button
              key={line}
              disabled={run.offIn(line) !== null}
              aria-label={t(`handle.slip-${line as "bow-line"}`)}
              onClick={() => run.slip(line)}
            >
              {t(`handle.slip-${line as "bow-line"}`)}
              <small>{lineWords(run, line, t)}</small>
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}

/** How a line stands: somebody is at it, or what it bears. */
function lineWords(run: HandlingRun, line: string, t: Translator): string {
  const offIn = run.offIn(line);
  return offIn === null
    ? t("handle.holds", { kn: Math.round(run.loadOf(line) / 100) / 10 })
    : t("handle.off-in", { seconds: Math.ceil(offIn) });
}

function share(run: HandlingRun, control: string, t: Translator): string {
  const stands = run.standsAt(control);
  if (stands === 0) return t("handle.neutral");
  return t(stands > 0 ? "handle.ahead" : "handle.astern", { share: Math.round(Math.abs(stands) * 100) });
}

const wheelWords = (stands: number, t: Translator): string =>
  stands === 0
    ? t("handle.midships")
    : t(stands > 0 ? "handle.to-starboard" : "handle.to-port", { degrees: Math.abs(stands) });

interface SliderProps {
  run: HandlingRun;
  control: string;
  label: string;
  most: number;
  step: number;
  words: string;
  children?: React.ReactNode;
}

function Slider({ run, control, label, most: to, step, words, children }: SliderProps) {
  return (
    <label className={drills.control} data-lever="">
      {children}
      <span>
        {label} <strong>{words}</strong>
      </span>
      <input
        type="range"
        min={-to}
        max={to}
        step={step}
        value={run.standsAt(control)}
        onChange={({ target }) => run.set(control, Number(target.value))}
      />
    </label>
  );
}

/** A thruster's button: it pushes for as long as it is held. */
const Push = ({ run, control, way, label }: { run: HandlingRun; control: string; way: -1 | 1; label: string }) => (
  <HeldButton
    className={styles.push}
    isHeld={run.standsAt(control) === way}
    onPress={() => run.set(control, way)}
    onRelease={() => run.set(control, 0)}
  >
    {label}
  </HeldButton>
);
