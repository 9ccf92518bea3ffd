import "server-only";
import type { Language } from "@/core/basics/languages";
import { messageKinds, type MessageKind } from "@/core/messages/kinds";
import type { MessageSettings, MessageTemplate } from "@/core/messages/template";
import { usualMessageWords } from "@/messages/message-words";
import { currentList } from "../db/base-lists";
import type { Queryable } from "../db/pool";

/** What the base says in a kind of message: its own words in the language, or else the usual ones. */
export const wordsOf = ({ words }: MessageSettings, kind: MessageKind, language: Language): MessageTemplate =>
  words[kind]?.[language] ?? usualMessageWords(kind, language);

/** What the base has settled of its messages. */
export const messageSettings = async (db: Queryable): Promise<MessageSettings> =>
  (await currentList(db, "messages")).list;

/** Kinds that go by themselves at this base. */
export const byThemselves = ({ byHandOnly }: MessageSettings): MessageKind[] =>
  messageKinds.filter((kind) => !byHandOnly.includes(kind));
