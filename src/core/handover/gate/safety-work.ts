import { reason, type GateRule } from "./reason";

/** Work on her safety that is ordered and not done. */
export const safetyWork: GateRule = ({ list, rules, safetyWork: orders }) =>
  list.kind === "check-in" ? orders.map(({ words }) => reason(rules, "safety-work-open", true, { words })) : [];
