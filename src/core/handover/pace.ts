import { readingRules, type ReadingValue } from "../readings";
import type { Folded } from "./fold";
import { kindOf, type Line } from "./lines";
import type { HandoverList } from "./list";
import { madeAtMs } from "./permit";
import { statusOf } from "./state";

/** Lines that one person recorded in less time than looking takes. */
export interface Hasty {
  person: string;
  lines: number;
  tookSeconds: number;
  /** what looking at them takes, by the seconds of their kinds */
  takesSeconds: number;
}

/** Readings that a person wrote down as they stood the last time, to the digit. */
export interface Repeated {
  person: string;
  /** ids of the lines */
  lines: string[];
}

export interface Pace {
  hasty: Hasty[];
  repeated: Repeated[];
}

interface Done {
  line: Line;
  person: string;
  atMs: number;
  seconds: number;
  isFine: boolean;
  repeats: boolean | null;
}

/** So many lines in a row are a habit; fewer are somebody who knows where things lie. */
const inARow = 10;
/** Less than this share of what looking takes is no looking: our own rule of thumb. */
const leastShare = 0.2;
/** What differs from one time to the next by itself. What is filled up or belongs together stands as it stood. */
const varying = new Set(["volts", "levelPercent", "movesMm", "seconds", "bar", "degreesC", "rpm"]);

/**
 * Where things were ticked rather than looked at: ten and more fine lines in a row in a fifth of the time that looking
 * takes, and three and more readings of which most repeat the last ones to the digit. A word to the person, and a note in
 * the record; it judges nobody, and keeps nobody from signing.
 */
export function paceOf(list: HandoverList, folded: Folded): Pace {
  const all = doneLines(list, folded);
  const byPerson = [...new Set(all.map(({ person }) => person))].map(
    (person) => [person, all.filter((each) => each.person === person)] as const,
  );
  return {
    hasty: byPerson.flatMap(([person, done]) => runsOf(done).map((run) => hastyOf(person, run))),
    repeated: byPerson.flatMap(([person, done]) => {
      const read = done.filter(({ repeats }) => repeats !== null);
      const same = read.filter(({ repeats }) => repeats === true);
      return same.length >= 3 && same.length * 4 >= read.length * 3
        ? [{ person, lines: same.map(({ line }) => line.id) }]
        : [];
    }),
  };
}

/** Whether what a person recorded last was ticked rather than looked at; it passes as soon as they look again. */
export function hastyNow(list: HandoverList, folded: Folded, person: string): Hasty | null {
  const done = doneLines(list, folded).filter((each) => each.person === person);
  const run = runsOf(done).at(-1);
  return run && run.at(-1) === done.at(-1) ? hastyOf(person, run) : null;
}

/** What was recorded of each line and by whom, in the order of time; what was typed in from paper has no pace. */
function doneLines(list: HandoverList, folded: Folded): Done[] {
  return list.lines
    .flatMap((line): Done[] => {
      const standing = statusOf(folded, line);
      if (standing.step !== "done") return [];
      const [entry] = standing.cell.heads;
      if (!entry || entry.paperAt !== undefined || standing.cell.subject !== `line:${line.id}`) return [];
      const { value } = standing;
      if (typeof value === "object" && value !== null && "together" in value) return [];
      return [
        {
          line,
          person: entry.by.person,
          atMs: madeAtMs(entry),
          seconds: kindOf(line).seconds,
          isFine: standing.verdict === "fine",
          repeats: line.kind === "reading" ? repeatsLast(line.reading, line.given, value as ReadingValue) : null,
        },
      ];
    })
    .sort((a, b) => a.atMs - b.atMs);
}

/** Whether a number that varies by itself is the last one to the digit; null where that says nothing. */
function repeatsLast(kind: string, given: Record<string, unknown>, value: ReadingValue): boolean | null {
  const field = readingRules[kind]?.number ?? null;
  const last = (given.history as number[] | undefined)?.at(-1);
  if (field === null || !varying.has(field) || last === undefined || typeof value[field] !== "number") return null;
  return value[field] === last;
}

const tookOf = (run: readonly Done[]): number => ((run.at(-1)?.atMs ?? 0) - (run[0]?.atMs ?? 0)) / 1000;
/** The first was looked at before its time was written: it does not count. */
const takesOf = (run: readonly Done[]): number => run.slice(1).reduce((sum, { seconds }) => sum + seconds, 0);

/** Longest rows of lines, all fine, each ten of which went faster than looking. */
function runsOf(done: readonly Done[]): Done[][] {
  const runs: Done[][] = [];
  let lastEnd = -1;
  for (let at = 0; at + inARow <= done.length; at++) {
    const ten = done.slice(at, at + inARow);
    if (!ten.every(({ isFine }) => isFine) || tookOf(ten) >= takesOf(ten) * leastShare) continue;
    const run = runs.at(-1);
    if (run && at <= lastEnd) run.push(...done.slice(lastEnd + 1, at + inARow));
    else runs.push([...ten]);
    lastEnd = at + inARow - 1;
  }
  return runs;
}

const hastyOf = (person: string, run: readonly Done[]): Hasty => ({
  person,
  lines: run.length,
  tookSeconds: Math.round(tookOf(run)),
  takesSeconds: takesOf(run),
});
