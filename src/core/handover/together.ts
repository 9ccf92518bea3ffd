import type { HandoverList } from "./list";
import type { CountLine, Line } from "./lines";

/** Up to this price a piece may be counted with its neighbours: a locker of cutlery, our own rule of thumb; in minor units. */
const togetherUpToMinor = 2500;
/** Fewer than these are counted as fast one by one. */
const atLeast = 3;

type Looked = Pick<HandoverList, "kind" | "first">;

/**
 * Whether a thing may be confirmed together with others: at check-in household things of small price; at check-out
 * everything that is not likely to have changed, as it was counted one by one at check-in. Never what is safety or one
 * for each aboard.
 */
export function mayBeCountedTogether(line: Line, list: Looked): line is CountLine {
  if (line.kind !== "count" || line.safety || line.perPerson || line.matter !== undefined) return false;
  if (list.kind === "check-out") return !(list.first ?? []).some((each) => each.line === line.id);
  return line.group === "below" && line.replacementMinor <= togetherUpToMinor;
}

/** What may be confirmed together among lines with nothing recorded; nothing when it is not worth it. */
export function togetherAmong(open: readonly Line[], list: Looked): CountLine[] {
  const lines = open.filter((line) => mayBeCountedTogether(line, list));
  return lines.length >= atLeast ? lines : [];
}
