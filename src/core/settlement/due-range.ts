import { isRange } from "./amount";
import type { SettlementInput, SettlementLine } from "./schema";
import { settle } from "./settle";

/** Between what sums the whole comes to lie once every price is fixed. */
export interface DueRange {
  lowMinor: number;
  highMinor: number;
}

/**
 * What is due at the least and at the most once the prices that are not fixed are, with nothing else changed; null where
 * every price is fixed. A line that is disputed or unclear as well stays held at both ends.
 */
export function dueRange(input: SettlementInput): DueRange | null {
  if (!input.lines.some(isRange)) return null;
  const due = (end: (line: SettlementLine & { kind: "damage"; estimateLowMinor: number }) => number) =>
    settle({ ...input, lines: input.lines.map((line) => (isRange(line) ? fixedAt(line, end(line)) : line)) }).dueMinor;
  return { lowMinor: due((line) => line.estimateLowMinor), highMinor: due((line) => line.estimateMinor) };
}

function fixedAt(line: SettlementLine & { kind: "damage" }, estimateMinor: number): SettlementLine {
  const { estimateLowMinor: _range, ...fixed } = line;
  return { ...fixed, estimateMinor };
}
