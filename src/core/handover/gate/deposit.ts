import { reason, type GateRule } from "./reason";

/** The deposit's term, met before she leaves. */
export const deposit: GateRule = ({ list, rules, deposit: { met } }) =>
  !met && list.kind === "check-in" ? [reason(rules, "deposit-not-met", true)] : [];
