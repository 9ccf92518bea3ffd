import type { BaseRules } from "../../base/rules";
import type { Folded } from "../fold";
import type { HandoverList } from "../list";
import type { Line, LineReasonCode } from "../lines";
import type { ClearanceTopic } from "../../basics/clearance-topics";
import type { GateContext } from "./context";

/** Why something stands in the way, or is to be said. The words for a code are in the message catalogue. */
export type ReasonCode =
  | LineReasonCode
  | "lines-left"
  | "fork"
  | "too-many-aboard"
  | "without-jacket"
  | "crew-unknown"
  | "raft-too-small"
  | "gusts-over-limit"
  | "deposit-not-met"
  | "briefing-open"
  | "safety-work-open"
  | "wind-over-limit"
  | "thunder"
  | "fog"
  | "no-forecast";

export interface Reason {
  code: ReasonCode;
  blocks: boolean;
  /** who may let her go all the same: a manager with a written reason, or nobody */
  lift: "manager" | "nobody";
  line: string | null;
  counts: { have: number; need: number } | null;
  /** what it is about in words of its own: the title of a work order */
  words?: string;
  /** a manager's override, which keeps the reason in the record and takes its block away */
  override?: { why: string; person: string };
}

export interface GateFacts extends GateContext {
  list: HandoverList;
  folded: Folded;
  rules: BaseRules;
}

/** One subject of the gate. */
export type GateRule = (facts: GateFacts) => Reason[];

/** Makes a reason; who may lift it follows from what it is about. */
export function reason(
  rules: Pick<BaseRules, "neverLetGo">,
  code: ReasonCode,
  blocks: boolean,
  about: { line?: Line; matter?: ClearanceTopic; counts?: Reason["counts"] | undefined; words?: string } = {},
): Reason {
  const matter = about.matter ?? about.line?.matter;
  return {
    code,
    blocks,
    lift: matter !== undefined && rules.neverLetGo.includes(matter) ? "nobody" : "manager",
    line: about.line?.id ?? null,
    counts: about.counts ?? null,
    ...(about.words === undefined ? {} : { words: about.words }),
  };
}
