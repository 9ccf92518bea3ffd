import { safetyStopsOpen, walkState } from "../walk/walk-state";
import { reason, type GateRule } from "./reason";

/** Every safety topic of the briefing shown, or left out by a manager. */
export const briefing: GateRule = ({ list, folded, rules }) => {
  if (!list.briefing) return [];
  const unshown = safetyStopsOpen(list.briefing, walkState(list.briefing, folded)).length;
  const need = list.briefing.stops.filter((stop) => stop.safety).length;
  return unshown > 0 ? [reason(rules, "briefing-open", true, { counts: { have: need - unshown, need } })] : [];
};
