import type { Language } from "@/core/basics/languages";
import type { MessageKind } from "@/core/messages/kinds";
import type { MessageTemplate } from "@/core/messages/template";
import { translatorOf } from "./translator";

/** What a kind of message says where a base has no words of its own: names in braces stand for a charter's values. */
export function usualMessageWords(kind: MessageKind, language: Language): MessageTemplate {
  const t = translatorOf(language);
  const raw = (key: string) => String(t.raw(`message.${key}` as never));
  return { subject: raw(`${kind}-subject`), words: raw(`${kind}-words`) };
}
