import { safetyStopsOpen, walkState } from "../briefing/walk-state";
import type { ResultValue } from "./aspects";
import { forks, type Folded } from "./fold";
import type { HandoverList, Line } from "./list";
import { neededCount, standingOf } from "./state";

/** Why something stands in the way, or is to be said. The words for a code are in the message catalogue. */
export type ReasonCode =
  | "lines-left" | "fork" | "too-many-aboard" | "per-person-short" | "safety-short" | "reading-stop" | "safety-test-fails"
  | "safety-test-not-tried" | "test-fails" | "test-waits" | "count-short" | "reading-watch" | "look-not-sound" | "mark-worse" | "deposit-not-met" | "briefing-open";

export interface Reason {
  code: ReasonCode;
  blocks: boolean;
  /** who may let her go all the same: a manager with a written reason, or nobody */
  lift: "manager" | "nobody";
  line: string | null;
  counts: { have: number; need: number } | null;
}

export interface Gate {
  state: "cleared" | "cleared-with-remarks" | "not-cleared";
  reasons: Reason[];
}

/** Things a manager cannot let go without: jackets, raft, flares, extinguishers, papers, steering. */
const neverLetGo = /jacket|raft|flare|extinguisher|paper|certificate|steering|flood|gas/;

/**
 * Whether the yacht may leave by the base's own record. It is never permission to sail: that stays with the skipper,
 * and local rules come first.
 *
 * @param deposit whether the charter's deposit term is met
 */
export function gate(list: HandoverList, folded: Folded, deposit: { met: boolean }): Gate {
  const reasons: Reason[] = [];
  const add = (code: ReasonCode, blocks: boolean, line: Line | null = null, counts: Reason["counts"] = null, lift: Reason["lift"] = "manager") =>
    reasons.push({ code, blocks, lift, line: line?.id ?? null, counts });

  if (list.stay.aboard > list.maximumAboard) {
    add("too-many-aboard", true, null, { have: list.stay.aboard, need: list.maximumAboard }, "nobody");
  }
  if (!deposit.met && list.kind === "check-in") add("deposit-not-met", true);
  let left = 0;
  for (const line of list.lines) {
    const standing = standingOf(folded, line);
    if (standing.step !== "done") {
      left += 1;
      continue;
    }
    const lift: Reason["lift"] = neverLetGo.test(line.id) ? "nobody" : "manager";
    switch (line.kind) {
      case "count": {
        const have = (standing.cell.value as { count: number }).count;
        const need = neededCount(line, list.stay.aboard);
        if (line.perPerson && have < need) add("per-person-short", true, line, { have, need }, lift);
        else if (line.safety && !line.perPerson && have < line.expected) add("safety-short", true, line, { have, need: line.expected }, lift);
        else if (have < line.expected) add("count-short", false, line, { have, need: line.expected });
        break;
      }
      case "reading":
        if (standing.verdict === "stop") add("reading-stop", true, line, null, lift);
        else if (standing.verdict === "watch") add("reading-watch", false, line);
        break;
      case "test":
        addTest(add, line, (standing.cell.value as ResultValue).result, lift);
        break;
      case "look":
        if (standing.verdict !== "fine") add("look-not-sound", false, line);
        break;
      case "mark":
        if (standing.verdict !== "fine") add("mark-worse", false, line);
    }
  }
  if (list.briefing) {
    const unshown = safetyStopsOpen(list.briefing, walkState(list.briefing, folded)).length;
    const need = list.briefing.stops.filter((stop) => stop.safety).length;
    if (unshown > 0) add("briefing-open", false, null, { have: need - unshown, need });
  }
  const open = forks(folded).length;
  if (open > 0) add("fork", true, null, { have: open, need: 0 });
  if (left > 0) add("lines-left", true, null, { have: list.lines.length - left, need: list.lines.length });
  const blocked = reasons.some((reason) => reason.blocks);
  return { state: blocked ? "not-cleared" : reasons.length > 0 ? "cleared-with-remarks" : "cleared", reasons };
}

function addTest(add: (code: ReasonCode, blocks: boolean, line: Line, counts: null, lift: Reason["lift"]) => void, line: Line & { kind: "test" }, result: ResultValue["result"], lift: Reason["lift"]): void {
  if (result === "fails") add(line.safety ? "safety-test-fails" : "test-fails", line.safety, line, null, lift);
  else if (result === "not-tried") {
    const mustBeTried = line.safety && line.when !== "may-wait";
    add(mustBeTried ? "safety-test-not-tried" : "test-waits", mustBeTried, line, null, lift);
  }
}
