import type { SettlementScreen } from "@/api/schemas/desk";

/** What each form for something on the statement is given. */
export interface ExtraForm {
  screen: SettlementScreen;
  onPut: () => void;
}
