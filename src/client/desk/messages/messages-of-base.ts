import type { Language } from "@/core/basics/languages";
import type { MessageKind } from "@/core/messages/kinds";
import type { MessageSettings, MessageTemplate } from "@/core/messages/template";

/** What the base writes to guests, as its page shows and changes it. */
export interface MessagesOfBase {
  messages: MessageSettings;
  number: number;
  last: { by: string; at: string } | null;
  /** what is said where the base has no words of its own */
  usual: Readonly<Record<MessageKind, Readonly<Record<Language, MessageTemplate>>>>;
  /** charters that a message can be shown on, the next first */
  charters: readonly { id: string; reference: string; skipper: string }[];
  /** why nothing leaves the house; null where mail does */
  stays: "demo" | "simulated" | null;
  timeZone: string;
}
