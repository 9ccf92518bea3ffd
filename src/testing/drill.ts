import { runDrill, type Check } from "../core/drills/run";
import type { DrillInput, DrillResult } from "../core/drills/schema";
import { mismatch } from "../formats/validate";

export const drillCheck: Check = (schema, value) => mismatch(schema as never, value)?.message ?? null;

/** Actions from words: `0 power; 0.5 -power; 4 lever=0.2; 9 look exhaust; 60 leave`. A name alone is pressed, with a minus let go. */
export function actionsFrom(words: string): DrillInput["actions"] {
  return words
    .split(";")
    .map((each) => each.trim().split(/\s+/))
    .filter(([at]) => at !== "" && at !== undefined)
    .map(([when, what = "", control]) => {
      const at = Number(when);
      if (what === "leave") return { at, do: "leave" };
      if (control !== undefined) return { at, do: what as "look", control };
      const [name = "", to] = what.split("=");
      if (to !== undefined) return { at, do: "set", control: name, to: valueFrom(to) };
      return what.startsWith("-") ? { at, do: "release", control: what.slice(1) } : { at, do: "press", control: what };
    });
}

/** `0.2` is a figure, `in` a word, and so is `'12`. */
const valueFrom = (to: string): string | number =>
  to.startsWith("'") ? to.slice(1) : to === "" || Number.isNaN(Number(to)) ? to : Number(to);

interface Played extends DrillResult {
  /** `code@at`, with the side where there is one; rounded to tenths */
  wrong: string[];
  happened: string[];
}

/** Plays a device through words, with what was told as `code@seconds`. */
export function play(
  device: string,
  words: string,
  until: number,
  more: Partial<Pick<DrillInput, "setup" | "faults" | "task" | "stepS">> = {},
): Played {
  const result = runDrill({ device, actions: actionsFrom(words), until, ...more }, drillCheck);
  const told = (each: DrillResult["events"][number]) =>
    `${each.code}${each.side === undefined ? "" : `:${each.side}`}@${Math.round(each.at * 10) / 10}`;
  return { ...result, wrong: result.mistakes.map(told), happened: result.events.map(told) };
}
