import { Type, type Static, type TSchema } from "@sinclair/typebox";
import { languages } from "../basics/languages";
import { oneOf, strict } from "../yacht/parts/basics";
import { messageKinds } from "./kinds";

/** What a message says, with names in braces where a charter's own values go: "{yacht} is ready". */
export const MessageTemplate = strict({
  subject: Type.String({ minLength: 1, maxLength: 150, pattern: "\\S" }),
  words: Type.String({ minLength: 1, maxLength: 4000, pattern: "\\S" }),
});
export type MessageTemplate = Static<typeof MessageTemplate>;

/** An object that may have each of some names. */
const some = <T extends string, S extends TSchema>(names: readonly T[], schema: S) =>
  Type.Unsafe<{ [name in T]?: Static<S> }>(
    strict(Object.fromEntries(names.map((name): [string, TSchema] => [name, Type.Optional(schema)]))),
  );

/** What a base has settled of its messages: words of its own by kind and language, and which kinds do not go by themselves. */
export const MessageSettings = strict({
  words: some(messageKinds, some(languages, MessageTemplate)),
  byHandOnly: Type.Array(oneOf(messageKinds), { uniqueItems: true, maxItems: 40 }),
});
export type MessageSettings = Static<typeof MessageSettings>;

/** What holds at a base that has settled nothing yet. */
export const usualMessages: MessageSettings = { words: {}, byHandOnly: [] };
