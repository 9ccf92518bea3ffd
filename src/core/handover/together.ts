import type { CountLine, Line } from "./list";

/** Up to this price a piece may be counted with its neighbours: a locker of cutlery, our own rule of thumb; in minor units. */
const togetherUpToMinor = 2500;
/** Fewer than these are counted as fast one by one. */
const atLeast = 3;

/** Whether a thing may be confirmed together with others: household things of small price, never what is safety or one for each aboard. */
export function mayBeCountedTogether(line: Line): line is CountLine {
  return line.kind === "count" && !line.safety && !line.perPerson && line.matter === undefined && line.group === "below" && line.replacementMinor <= togetherUpToMinor;
}

/** What may be confirmed together among lines with nothing recorded; nothing when it is not worth it. */
export function togetherAmong(open: readonly Line[]): CountLine[] {
  const lines = open.filter(mayBeCountedTogether);
  return lines.length >= atLeast ? lines : [];
}
