import { graver, type Verdict } from "../basics/verdict";
import type { Judgement, ReadingValue } from "../readings";
import type { FoundValue } from "./aspects";
import { cellOf, isOf, isOfFamily, type Cell, type Folded } from "./fold";
import {
  kindOf,
  lineSubject,
  type FetchedValue,
  type Line,
  type LineValue,
  type MainAspect,
  type ReadingLine,
} from "./lines";
import type { Mark } from "./lines/mark-form";

/** How a line stands: nothing recorded yet, two devices disagree, or recorded with a verdict. */
export type LineStatus<L extends Line = Line> =
  | { step: "open" }
  | { step: "fork"; cell: Cell }
  | { step: "done"; verdict: Verdict; cell: Cell; value: LineValue<L>; judgement: Judgement | null };

/** The main cell of a line: its count, result, reading, look or state. */
export function mainCell<L extends Line>(folded: Folded, line: L): Cell<MainAspect<L>> | undefined {
  const subject = lineSubject(line.id);
  const { aspect } = kindOf(line);
  const own = cellOf(folded, subject, aspect);
  if (own || line.kind !== "mark" || line.view === undefined) return own;
  // a small mark that nobody said anything of stands as it was, once its side was looked at and nothing new was seen
  const seen = cellOf(folded, lineSubject(line.view), "view");
  if (!seen || seen.fork) return undefined;
  const stillSo: Cell<"mark-state"> = { ...seen, subject, aspect: "mark-state", value: { state: "still-so" } };
  return stillSo as Cell<MainAspect<L>>;
}

/** What was recorded of a line; undefined while nothing was, or two devices disagree. */
export const mainValue = <L extends Line>(folded: Folded, line: L): LineValue<L> | undefined =>
  mainCell(folded, line)?.value as LineValue<L> | undefined;

/** Where a counted thing was found, when it is not where the list says; null for where it belongs. */
export const foundIn = (folded: Folded, line: Line): string | null =>
  cellOf(folded, lineSubject(line.id), "found-in")?.value?.place ?? null;

/** What the yacht's boat-data server said of a reading; null where it was not asked. */
export const fetchedOf = (folded: Folded, line: ReadingLine): FetchedValue | null =>
  cellOf(folded, lineSubject(line.id), "fetched")?.value ?? null;

/** Whether a person wrote something else than the boat-data server said. */
export function isCorrected(value: ReadingValue, fetched: FetchedValue): boolean {
  return Object.entries(fetched.values).some(([field, measured]) => value[field] !== measured);
}

/** How one line stands after what has been recorded. */
export function statusOf<L extends Line>(folded: Folded, line: L): LineStatus<L> {
  const cell = mainCell(folded, line);
  if (!cell) return { step: "open" };
  const value = cell.value as LineValue<L> | undefined;
  if (cell.fork || value === undefined) return { step: "fork", cell };
  const kind = kindOf(line);
  const judgement = kind.judge?.(line, value) ?? null;
  return { step: "done", verdict: judgement?.verdict ?? kind.verdict(line, value), cell, value, judgement };
}

/** The gravest verdict among lines; fine for none. */
export function gravest(folded: Folded, lines: readonly Line[]): Verdict {
  return lines.reduce<Verdict>((worst, line) => {
    const standing = statusOf(folded, line);
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
    if (!isOf(cell, "mark") || cell.value === undefined || "withdrawn" in cell.value) continue;
    marks.push({ id: cell.subject.slice("mark:".length), mark: cell.value, cell });
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
    .flatMap((cell) =>
      isOf(cell, "found") && cell.value !== undefined
        ? [{ id: cell.subject.slice("found:".length), found: cell.value, cell }]
        : [],
    )
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** Hashes of the photos attached to a subject, oldest entry first. */
export function photosOf(folded: Folded, subject: string): string[] {
  return photosIn([...folded.values()].filter((cell) => cell.subject === subject));
}

/** Whether a cell attaches a photo. */
export const attachesPhoto = (cell: Cell): boolean => isOfFamily(cell, "photo") && cell.value?.attached === true;

/** Hashes of the photos among the cells of one subject, oldest entry first. */
export function photosIn(cells: readonly Cell[]): string[] {
  return cells
    .filter(attachesPhoto)
    .sort((a, b) => ((a.heads[0]?.id ?? "") < (b.heads[0]?.id ?? "") ? -1 : 1))
    .map((cell) => cell.aspect.slice("photo:".length));
}

/** Remarks on a subject by either side. */
export function remarksOf(folded: Folded, subject: string): { side: "base" | "skipper"; words: string }[] {
  return (["base", "skipper"] as const).flatMap((side) => {
    const words = cellOf(folded, subject, `remark:${side}`)?.value?.words;
    return words ? [{ side, words }] : [];
  });
}
