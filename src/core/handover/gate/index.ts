import { rulesFrom } from "../../base/rules";
import type { Folded } from "../fold";
import type { HandoverList } from "../list";
import { aboard } from "./aboard";
import { briefing } from "./briefing";
import { deposit } from "./deposit";
import { jackets } from "./jackets";
import { lines } from "./lines";
import { withOverride } from "./override";
import type { GateContext } from "./context";
import type { GateRule, Reason } from "./reason";
import { raft } from "./raft";
import { safetyWork } from "./safety-work";
import { unfinished } from "./unfinished";
import { weather } from "./weather";

export interface Gate {
  state: "cleared" | "cleared-with-remarks" | "not-cleared";
  reasons: Reason[];
}

const rulesOfGate: readonly GateRule[] = [
  aboard,
  jackets,
  raft,
  deposit,
  weather,
  safetyWork,
  lines,
  briefing,
  unfinished,
];

/**
 * Whether the yacht may leave by the base's own record, with every reason and who may lift it. It is never permission to
 * sail: that stays with the skipper, and local rules come first.
 *
 * @param context what the base knew when this device last heard of it
 */
export function gate(list: HandoverList, folded: Folded, context: GateContext): Gate {
  const rules = rulesFrom(list.rules ?? null);
  const reasons = rulesOfGate
    .flatMap((rule) => rule({ list, folded, rules, ...context }))
    .map((each) => withOverride(folded, each));
  const state = reasons.some((each) => each.blocks)
    ? "not-cleared"
    : reasons.length > 0
      ? "cleared-with-remarks"
      : "cleared";
  return { state, reasons };
}

export type { GateContext } from "./context";
export type { Reason } from "./reason";
