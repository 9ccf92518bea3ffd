import type { Extra } from "@/core/settlement/extra";
import type { SettlementScreen } from "@/api/schemas/desk";

/** What each form for something on the statement is given. */
export interface ExtraForm {
  screen: SettlementScreen;
  busy: boolean;
  /** what is said against one of its fields, by the name it has in the body */
  faultAt: (field: string) => string | null;
  setFault: (words: string | null, field?: string) => void;
  onPut: (extra: Extra) => Promise<void>;
}
