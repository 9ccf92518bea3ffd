import { Type } from "@sinclair/typebox";
import { languages } from "../core/basics/languages";
import { messageKinds } from "../core/messages/kinds";
import { MessageSettings, MessageTemplate } from "../core/messages/template";
import { oneOf } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById } from "./fields";
import { closed } from "./schemas/closed";
import { MessagePreview, SentLink, SentMessages } from "./schemas/messages";

/** What somebody of the base can send whenever there is reason to; link and PIN of the boat book have a way of their own. */
export const sentByHand = ["what-to-bring", "study-reminder", "due-back"] as const;

export const keepMessages = endpoint({
  name: "keep-messages",
  method: "POST",
  path: "/api/base/messages",
  about:
    "Keeps the words of the base's messages and which of them go by themselves, never over another's change unseen.",
  who: [staff("keep-messages")],
  body: Type.Object(
    { onNumber: Type.Integer({ minimum: 0, maximum: 2_000_000_000 }), messages: MessageSettings },
    closed,
  ),
  maxBytes: 200_000,
  status: 201,
  answer: Done,
  errors: ["list-changed", "message-wrong"],
});

export const previewMessage = endpoint({
  name: "preview-message",
  method: "POST",
  path: "/api/stays/{id}/messages/preview",
  about:
    "What a message to a charter's people would say, in its language or in one that is asked for, with words that are not kept yet or those of the base.",
  who: [staff("send-messages")],
  params: ById,
  body: Type.Object(
    {
      kind: oneOf(messageKinds),
      language: Type.Optional(oneOf(languages)),
      template: Type.Optional(MessageTemplate),
    },
    closed,
  ),
  maxBytes: 20_000,
  answer: MessagePreview,
  errors: ["no-such-charter", "message-wrong"],
});

export const sendMessage = endpoint({
  name: "send-message",
  method: "POST",
  path: "/api/stays/{id}/messages",
  about: "Writes to a charter's people. The same request again writes nothing again.",
  who: [staff("send-messages")],
  params: ById,
  body: Type.Object({ kind: oneOf(sentByHand) }, closed),
  maxBytes: 1000,
  status: 201,
  answer: SentMessages,
  errors: ["no-such-charter"],
});

export const sendBookLink = endpoint({
  name: "send-book-link",
  isSecret: true,
  method: "POST",
  path: "/api/stays/{id}/messages/link",
  about:
    "Sends a fresh link to the boat book by mail and its PIN by text; what did not leave the house is shown once. Earlier links stop working.",
  who: [staff("send-messages")],
  params: ById,
  status: 201,
  answer: SentLink,
  errors: ["no-such-charter"],
});

export const sendAgain = endpoint({
  name: "send-again",
  method: "POST",
  path: "/api/messages/{id}/again",
  about: "Gives a message that was given up, or of which nobody knows whether it arrived, to the queue again.",
  who: [staff("send-messages")],
  params: ById,
  status: 201,
  answer: Done,
  errors: ["no-such-message", "message-not-over", "message-was-secret"],
});
