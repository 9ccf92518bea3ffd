import { graver, type Verdict } from "../basics/verdict";
import { judge, type Judgement } from "../readings";
import {
  aspectOfKind,
  type CountValue,
  type FetchedValue,
  type FoundInValue,
  type FoundValue,
  type LookValue,
  type MarkStateValue,
  type MarkValue,
  type ReadingValue,
  type ResultValue,
} from "./aspects";
import { cellKey, type Cell, type Folded } from "./fold";
import { lineSubject, type CountLine, type Line, type ReadingLine, type TestLine } from "./list";
import type { Mark } from "./mark";

/** How a line stands: nothing recorded yet, two devices disagree, or recorded with a verdict. */
export type Standing =
  | { step: "open" }
  | { step: "fork"; cell: Cell }
  | { step: "done"; verdict: Verdict; cell: Cell; judgement: Judgement | null };

/** The main cell of a line: its count, result, reading, look or state. */
export function mainCell(folded: Folded, line: Line): Cell | undefined {
  const subject = lineSubject(line.id);
  const own = folded.get(cellKey(subject, aspectOfKind[line.kind]));
  if (own || line.kind !== "mark" || line.view === undefined) return own;
  // a small mark that nobody said anything of stands as it was, once its side was looked at and nothing new was seen
  const seen = folded.get(cellKey(lineSubject(line.view), "view"));
  const stillSo: MarkStateValue = { state: "still-so" };
  return seen && !seen.fork ? { ...seen, subject, aspect: aspectOfKind.mark, value: stillSo } : undefined;
}

/** How many of a thing must be there for people to leave with it. */
export function neededCount(line: CountLine, aboard: number): number {
  return line.perPerson ? aboard : line.expected;
}

/** Where a counted thing was found, when it is not where the list says; null for where it belongs. */
export function foundIn(folded: Folded, line: Line): string | null {
  const cell = folded.get(cellKey(lineSubject(line.id), "found-in"));
  return cell && !cell.fork ? (cell.value as FoundInValue).place : null;
}

/** What the yacht's boat-data server said of a reading; null where it was not asked. */
export function fetchedOf(folded: Folded, line: ReadingLine): FetchedValue | null {
  const cell = folded.get(cellKey(lineSubject(line.id), "fetched"));
  return cell && !cell.fork ? (cell.value as FetchedValue) : null;
}

/** Whether a person wrote something else than the boat-data server said. */
export function isCorrected(value: ReadingValue, fetched: FetchedValue): boolean {
  return Object.entries(fetched.values).some(([field, measured]) => value[field] !== measured);
}

/** What the rule of a reading says of a value read off. */
export function judgeReading(line: ReadingLine, value: ReadingValue): Judgement {
  return judge({ ...line.given, ...value, reading: line.reading });
}

/** How one line stands after what has been recorded. */
export function standingOf(folded: Folded, line: Line): Standing {
  const cell = mainCell(folded, line);
  if (!cell) return { step: "open" };
  if (cell.fork) return { step: "fork", cell };
  const judgement = line.kind === "reading" ? judgeReading(line, cell.value as ReadingValue) : null;
  return { step: "done", verdict: verdictOf(line, cell.value, judgement), cell, judgement };
}

function verdictOf(line: Line, value: unknown, judgement: Judgement | null): Verdict {
  switch (line.kind) {
    case "count": {
      const { count } = value as CountValue;
      if (count >= line.expected) return count === line.expected ? "fine" : "watch";
      return line.safety ? "stop" : "watch";
    }
    case "test":
      return testVerdict(line, value as ResultValue);
    case "reading":
      return judgement?.verdict ?? "watch";
    case "look":
      return (value as LookValue).state === "sound" ? "fine" : "watch";
    case "mark":
      return (value as MarkStateValue).state === "worse" ? "watch" : "fine";
    case "view":
      return "fine";
  }
}

/** How a function test stands after its result. */
export function testVerdict(line: TestLine, { result }: ResultValue): Verdict {
  if (result === "works" || result === "shown") return "fine";
  if (result === "works-but") return "watch";
  if (result === "fails") return line.safety ? "stop" : "watch";
  return line.safety && line.when !== "may-wait" ? "stop" : "watch";
}

/** The gravest verdict among lines; fine for none. */
export function gravest(folded: Folded, lines: readonly Line[]): Verdict {
  return lines.reduce<Verdict>((worst, line) => {
    const standing = standingOf(folded, line);
    return standing.step === "done" ? graver(worst, standing.verdict) : worst;
  }, "fine");
}

/** A mark made at this handover. */
export interface NewMark {
  id: string;
  mark: Mark;
  cell: Cell;
}

/** Marks made at this handover and not withdrawn, by id. */
export function newMarks(folded: Folded): NewMark[] {
  const marks: NewMark[] = [];
  for (const cell of folded.values()) {
    if (cell.aspect !== "mark" || cell.fork) continue;
    const value = cell.value as MarkValue;
    if ("withdrawn" in value) continue;
    marks.push({ id: cell.subject.slice("mark:".length), mark: value, cell });
  }
  return marks.sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** A thing that is on no list. */
export interface FoundThing {
  id: string;
  found: FoundValue;
  cell: Cell;
}

/** Things found that are on no list, by id. */
export function foundThings(folded: Folded): FoundThing[] {
  return [...folded.values()]
    .filter((cell) => cell.aspect === "found" && !cell.fork)
    .map((cell) => ({ id: cell.subject.slice("found:".length), found: cell.value as FoundValue, cell }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** Hashes of the photos attached to a subject, oldest entry first. */
export function photosOf(folded: Folded, subject: string): string[] {
  return photosIn([...folded.values()].filter((cell) => cell.subject === subject));
}

/** Hashes of the photos among the cells of one subject, oldest entry first. */
export function photosIn(cells: readonly Cell[]): string[] {
  return cells
    .filter(
      (cell) =>
        cell.aspect.startsWith("photo:") && (cell.value as { attached?: boolean } | undefined)?.attached === true,
    )
    .sort((a, b) => ((a.heads[0]?.id ?? "") < (b.heads[0]?.id ?? "") ? -1 : 1))
    .map((cell) => cell.aspect.slice("photo:".length));
}

/** Remarks on a subject by either side. */
export function remarksOf(folded: Folded, subject: string): { side: "base" | "skipper"; words: string }[] {
  return (["base", "skipper"] as const).flatMap((side) => {
    const value = folded.get(cellKey(subject, `remark:${side}`))?.value as { words?: string } | undefined;
    return value?.words ? [{ side, words: value.words }] : [];
  });
}
