import type { Settlement } from "./schema";

/** What came of a line after the statement was signed: the sum agreed in the end, at most what stood there. */
export interface Outcome {
  line: string;
  amountMinor: number;
}

export interface AfterSigning {
  /** signed without the charterer: until then every line can be objected to; null where both signed */
  objectUntil: string | null;
  /** lines that the charterer objects to */
  objections: readonly string[];
  /** lines kept for below the water, and until when the base can claim there */
  belowWater: readonly { line: string; until: string }[];
  outcomes: readonly Outcome[];
  /** an instant */
  now: string;
}

/** Why a line is not closed yet. */
export type OpenBecause = "held" | "objected" | "may-be-objected";

export interface Concluded {
  lines: { id: string; state: "closed" | OpenBecause; finalMinor: number; atMostMinor: number }[];
  /** lines of which the sum is not final */
  open: number;
  /** of what is closed */
  dueMinor: number;
  /** what the deposit pays of it, and what goes back, once nothing is open */
  captureMinor: number;
  releaseMinor: number;
  stillToPayMinor: number;
}

/**
 * How a signed statement stands now. A held line stays open until its sum is agreed; one kept for below the water falls
 * to nothing when its time is over. Signed without the charterer, a charged line is closed when the time to object is
 * over and nobody has.
 */
export function conclude(output: Settlement, depositMinor: number, after: AfterSigning): Concluded {
  const outcomes = new Map(after.outcomes.map((each) => [each.line, each.amountMinor]));
  const objected = new Set(after.objections);
  const waterUntil = new Map(after.belowWater.map(({ line, until }) => [line, until]));
  const mayObject = after.objectUntil !== null && after.now <= after.objectUntil;
  const lines = output.lines.map((line): Concluded["lines"][number] => {
    const atMostMinor = Math.max(line.chargedMinor, line.heldMinor);
    const outcome = outcomes.get(line.id);
    const state = (name: Concluded["lines"][number]["state"], finalMinor: number) => ({
      id: line.id,
      state: name,
      finalMinor,
      atMostMinor,
    });
    if (outcome !== undefined) return state("closed", Math.min(outcome, atMostMinor));
    const until = waterUntil.get(line.id);
    if (until !== undefined && after.now > until) return state("closed", 0);
    if (line.heldMinor > 0) return state("held", 0);
    if (line.chargedMinor > 0 && objected.has(line.id)) return state("objected", 0);
    if (line.chargedMinor > 0 && mayObject) return state("may-be-objected", 0);
    return state("closed", line.chargedMinor);
  });
  const dueMinor = lines.reduce((sum, line) => sum + line.finalMinor, 0);
  const captureMinor = Math.min(dueMinor, depositMinor);
  return {
    lines,
    open: lines.filter((line) => line.state !== "closed").length,
    dueMinor,
    captureMinor,
    releaseMinor: depositMinor - captureMinor,
    stillToPayMinor: dueMinor - captureMinor,
  };
}
