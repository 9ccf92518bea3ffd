"use client";
import type { Output } from "@/core/drills/device";
import { Dial } from "./Dial";
import type { DrillRun } from "./drill-run";
import styles from "./Drills.module.css";
import type { DrillWordsOf } from "./words";

/** What one sees only where one looks, by control; everything else is before one's eyes. */
const seenAt: Readonly<Record<string, readonly string[]>> = {
  exhaust: ["waterLpm"],
  lamps: ["oilBar"],
  alarm: ["alarm"],
  "gen-exhaust": ["genWaterLpm"],
  polarity: ["polarityLamp"],
  lamp: ["ready", "fuse"],
  chain: ["mark"],
  bowl: ["strokes"],
  gauge: ["tankL", "litres"],
  volts: ["volts", "percent"],
  outside: ["seen"],
};
/** What the panel shows only while it is on. */
const onPanel = new Set(["rpm", "coolantC", "batteryV"]);
/** What nobody has an instrument for. */
const hidden = new Set(["starterC", "motorC", "pressure", "running", "gear", "bilgeG", "endMs", "otherEndMs", "loadN"]);

const baseOf = (name: string) => name.split(":")[0] ?? name;
const partOf = (name: string) => name.split(":")[1] ?? "";

/** A device that has nothing to look at for it shows it by itself. */
const seenOnly = (run: DrillRun): ReadonlySet<string> =>
  new Set(run.controls.flatMap(({ kind, name }) => (kind === "sense" ? (seenAt[baseOf(name)] ?? []) : [])));

/** What is before one's eyes all the time. */
export const gaugesOf = (run: DrillRun): DrillRun["outputs"] => {
  const only = seenOnly(run);
  return run.outputs.filter(({ name }) => !only.has(baseOf(name)) && !hidden.has(baseOf(name)));
};

/** Lamps and gauges of a device. */
export function Gauges({ run, words, mostRpm }: { run: DrillRun; words: DrillWordsOf; mostRpm: number }) {
  const { state } = run;
  const isDark = (name: string) => {
    const part = partOf(name);
    return onPanel.has(baseOf(name)) && state[part === "" ? "panel" : `panel:${part}`] === false;
  };
  return (
    <div className={styles.outputs}>
      {gaugesOf(run).map(({ name, unit }) =>
        baseOf(name) === "rpm" ? (
          <Dial
            key={name}
            label={words.output(name)}
            value={isDark(name) ? 0 : Number(state[name])}
            most={mostRpm}
            words={isDark(name) ? "–" : words.shown(name, state[name] ?? null, "")}
          />
        ) : (
          <Reading key={name} label={words.output(name)}>
            {isDark(name) ? "–" : words.shown(name, state[name] ?? null, unit)}
          </Reading>
        ),
      )}
    </div>
  );
}

/** What one sees or hears where one looks just now. */
export function Seen({ run, words }: { run: DrillRun; words: DrillWordsOf }) {
  const { state, looksAt } = run;
  const looked = run.outputs.filter(
    ({ name }) =>
      looksAt !== null &&
      (seenAt[baseOf(looksAt)] ?? []).includes(baseOf(name)) &&
      (partOf(looksAt) === "" || partOf(looksAt) === partOf(name)),
  );
  return (
    <p role="status" className={styles.seen} data-seen={looked.length > 0 ? "" : undefined}>
      {looked.map(({ name, unit }) => (
        <span key={name}>
          {words.t("drill.saw", { what: words.output(name), seen: words.shown(name, seenOf(state[name]), unit) })}
        </span>
      ))}
    </p>
  );
}

const seenOf = (value: Output | undefined): Output => value ?? null;

function Reading({ label, children }: { label: string; children: string }) {
  return (
    <p className={styles.reading}>
      <span>{label}</span> <strong>{children}</strong>
    </p>
  );
}
