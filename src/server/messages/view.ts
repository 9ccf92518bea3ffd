import "server-only";
import { addHours } from "@/core/basics/instant";
import { languages, type Language } from "@/core/basics/languages";
import { messageKinds, type MessageKind } from "@/core/messages/kinds";
import type { MessageSettings, MessageTemplate } from "@/core/messages/template";
import { usualMessageWords } from "@/messages/message-words";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { staysBetween } from "../db/charters";
import type { Queryable } from "../db/pool";
import { whyMailStays } from "../outbox/leaves";

/** How many days ahead a charter is looked for to show words on. */
const daysAhead = 60;
const mostCharters = 20;

/** What the base writes to guests, with what is usual and charters to show it on. */
export interface MessagesView {
  messages: MessageSettings;
  number: number;
  last: { by: string; at: string } | null;
  usual: Record<MessageKind, Record<Language, MessageTemplate>>;
  charters: { id: string; reference: string; skipper: string }[];
  stays: "demo" | "simulated" | null;
}

export async function messagesView(db: Queryable): Promise<MessagesView> {
  const { list, number, last } = await currentList(db, "messages");
  const at = now();
  const stays = await staysBetween(db, at, addHours(at, daysAhead * 24));
  return {
    messages: list,
    number,
    last,
    usual: Object.fromEntries(
      messageKinds.map((kind) => [
        kind,
        Object.fromEntries(languages.map((language) => [language, usualMessageWords(kind, language)])),
      ]),
    ) as MessagesView["usual"],
    charters: stays
      .slice(0, mostCharters)
      .map(({ stayId, reference, skipper }) => ({ id: stayId, reference, skipper })),
    stays: whyMailStays(await currentBase(db)),
  };
}
