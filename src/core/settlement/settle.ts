import { InputError } from "../basics/calculation";
import { spread } from "../basics/exact";
import { formatMoney } from "../basics/money";
import { amountOf, isRange } from "./amount";
import type { SettledLine, Settlement, SettlementInput, SettlementLine } from "./schema";

interface Reckoned {
  line: SettlementLine;
  amountMinor: number;
  how: string;
  held: boolean;
  afterCap: number;
}

/**
 * Settles a charter: what each line comes to, what the cap leaves of it, and what the deposit pays.
 * All amounts are whole minor units of one currency.
 *
 * @throws InputError for ids that stand twice and fuel levels above the tank
 */
export function settle(input: SettlementInput): Settlement {
  checkLines(input.lines);
  const writes = (minor: number) => formatMoney(minor, input.currency);
  const reckoned = input.lines.map((line): Reckoned => {
    const { amountMinor, how } = amountOf(line, input.terms, writes);
    return { line, amountMinor, how, held: isHeld(line), afterCap: amountMinor };
  });
  for (const pool of pools(input, reckoned)) capPool(pool.lines, pool.capMinor);
  const lines = reckoned.map((line) => settledLine(line, writes));
  const dueMinor = sum(lines.map((line) => line.chargedMinor));
  const deposit = input.deposit.amountMinor;
  const captureMinor = Math.min(dueMinor, deposit);
  const heldMinor = Math.min(sum(lines.map((line) => line.heldMinor)), deposit - captureMinor);
  return {
    lines,
    dueMinor,
    heldMinor,
    captureMinor,
    releaseMinor: deposit - captureMinor - heldMinor,
    stillToPayMinor: dueMinor - captureMinor,
  };
}

const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

/** What is disputed, whose cause is not clear, or whose price is not fixed, is held and not charged. */
export function isHeld(line: SettlementLine): boolean {
  return (
    line.disputed || (isRange(line) && line.cause === "charterer") || ("cause" in line && line.cause === "unclear")
  );
}

function checkLines(lines: readonly SettlementLine[]): void {
  const seen = new Set<string>();
  lines.forEach((line, index) => {
    if (seen.has(line.id)) throw new InputError(`/lines/${index}/id`, `the id "${line.id}" stands twice`);
    seen.add(line.id);
    if (line.kind === "damage" && (line.estimateLowMinor ?? 0) > line.estimateMinor)
      throw new InputError(`/lines/${index}/estimateLowMinor`, "the lower end of an estimate is above its upper end");
    if (line.kind !== "fuel") return;
    for (const field of ["outL", "inL"] as const) {
      if (line[field] > line.capacityL)
        throw new InputError(
          `/lines/${index}/${field}`,
          `${line[field]} l do not go into a tank of ${line.capacityL} l`,
        );
    }
  });
}

function pools(
  { waiver, deposit, terms }: SettlementInput,
  reckoned: Reckoned[],
): { capMinor: number; lines: Reckoned[] }[] {
  const capped = reckoned.filter(({ line }) => terms.capCovers.includes(line.kind) && !isUncapped(line));
  if (!waiver) return [{ capMinor: deposit.amountMinor, lines: capped }];
  const isExcluded = ({ line }: Reckoned) => "group" in line && waiver.excludes.includes(line.group);
  return [
    { capMinor: waiver.excessMinor, lines: capped.filter((line) => !isExcluded(line)) },
    { capMinor: deposit.amountMinor, lines: capped.filter(isExcluded) },
  ];
}

const isUncapped = (line: SettlementLine) => "grossNegligence" in line && line.grossNegligence === true;

function capPool(lines: Reckoned[], capMinor: number): void {
  const charged = lines.filter((line) => !line.held);
  const room = capMinor - cut(charged, capMinor);
  cut(
    lines.filter((line) => line.held),
    room,
  );
}

/** Cuts lines to a cap where they are over it; returns what they come to. */
function cut(lines: Reckoned[], capMinor: number): number {
  const total = sum(lines.map((line) => line.amountMinor));
  if (total <= capMinor) return total;
  const parts = spread(
    capMinor,
    lines.map((line) => line.amountMinor),
  );
  lines.forEach((line, index) => (line.afterCap = parts[index] ?? 0));
  return capMinor;
}

function settledLine(
  { line, amountMinor, how, held, afterCap }: Reckoned,
  writes: (minor: number) => string,
): SettledLine {
  const cutWords = afterCap < amountMinor ? `; cut to ${writes(afterCap)} by the cap` : "";
  const uncapped = isUncapped(line) ? "; gross negligence, so no cap" : "";
  if (held) {
    const why =
      "doubt" in line && line.doubt !== undefined
        ? line.doubt
        : line.disputed
          ? "disputed"
          : isRange(line) && line.cause === "charterer"
            ? "at the upper end until the price is fixed"
            : "cause not clear";
    return {
      id: line.id,
      amountMinor,
      chargedMinor: 0,
      heldMinor: afterCap,
      how: `${how}${uncapped}${cutWords}; ${why}, held and not charged`,
    };
  }
  const goodwill = Math.min(line.goodwillMinor ?? 0, afterCap);
  const goodwillWords = goodwill > 0 ? `; less ${writes(goodwill)} goodwill` : "";
  return {
    id: line.id,
    amountMinor,
    chargedMinor: afterCap - goodwill,
    heldMinor: 0,
    how: `${how}${uncapped}${cutWords}${goodwillWords}`,
  };
}
