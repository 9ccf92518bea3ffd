import { cellOf, type Folded } from "../fold";
import { overrideCell } from "../override";
import type { Reason } from "./reason";

/** A reason with the manager's override, where there is one that stands and may be: it stays in the record and holds her no more. */
export function withOverride(folded: Folded, reason: Reason): Reason {
  if (!reason.blocks || reason.lift === "nobody") return reason;
  const { subject, aspect } = overrideCell(reason);
  const cell = cellOf(folded, subject, aspect);
  const why = cell?.value?.why ?? null;
  if (!cell || why === null) return reason;
  return { ...reason, blocks: false, override: { why, person: cell.heads[0]?.by.person ?? "" } };
}
