import type { SettlementItem, SettlementScreen } from "@/api/schemas/desk";
import type { DecisionDraft, DecisionField } from "./draft";

/** What each part of the form is given. */
export interface DecisionPart {
  item: SettlementItem;
  screen: SettlementScreen;
  draft: DecisionDraft;
  change: (part: Partial<DecisionDraft>) => void;
  /** what is said against a field */
  says: (field: DecisionField) => string | null;
}
