import { Type, type Static } from "@sinclair/typebox";
import { messageKinds, messageWays } from "../../core/messages/kinds";
import type { MessageState } from "../../core/messages/state";
import { languages } from "../../core/basics/languages";
import { oneOf } from "../../core/yacht/parts/basics";
import { closed } from "./closed";

/** A message to somebody, as the desk shows it. */
export interface OutMessage {
  id: string;
  kind: string;
  way: "mail" | "text";
  stayId: string | null;
  toName: string;
  /** mail address or telephone number */
  toAddress: string | null;
  subject: string;
  /** names in braces where a secret went */
  words: string;
  at: string;
  state: MessageState;
  stateAt: string;
  /** what the mail server said */
  detail: string;
  /** when the boat book was opened after its link was sent */
  openedAt: string | null;
}

/** What would be written to somebody of a charter. */
export const MessagePreview = Type.Object(
  {
    way: oneOf(messageWays),
    language: oneOf(languages),
    /** whether it would leave the house */
    leaves: Type.Boolean(),
    to: Type.Array(Type.Object({ name: Type.String(), address: Type.Union([Type.String(), Type.Null()]) }, closed)),
    subject: Type.String(),
    words: Type.String(),
  },
  closed,
);
export type MessagePreview = Static<typeof MessagePreview>;

const written = Type.Array(
  Type.Object(
    {
      kind: oneOf(messageKinds),
      name: Type.String(),
      state: oneOf(["queued", "simulated", "no-address"] as const),
    },
    closed,
  ),
);

/** What became of a message that somebody of the base sent. */
export const SentMessages = Type.Object({ written }, closed);
export type SentMessages = Static<typeof SentMessages>;

/** The same of a link to the boat book: link and PIN as far as they did not leave the house, shown once. */
export const SentLink = Type.Object(
  { written, link: Type.Union([Type.String(), Type.Null()]), pin: Type.Union([Type.String(), Type.Null()]) },
  closed,
);
export type SentLink = Static<typeof SentLink>;
