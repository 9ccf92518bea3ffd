import { addHours, type Instant } from "../basics/instant";

/** How far a message has come. */
export const messageStates = [
  /** waits for its turn */
  "queued",
  /** on its way; nothing is known yet */
  "sending",
  "sent",
  /** not sent this time; it is tried again by itself */
  "failed",
  /** not sent, and not tried again */
  "given-up",
  /** it was on its way when the program or the line broke: it may have arrived, so it is not sent again by itself */
  "unclear",
  /** nothing leaves the house: the demo, or a house without a mail server */
  "simulated",
  /** there is nowhere to send it */
  "no-address",
] as const;
export type MessageState = (typeof messageStates)[number];

/** What can become of one attempt to send. */
export type Attempt =
  | { outcome: "sent"; detail: string }
  /** the server said no, for good or for now */
  | { outcome: "refused"; isFinal: boolean; detail: string }
  /** the line broke; with `handedOver` after the server had begun to take the message */
  | { outcome: "broken"; handedOver: boolean; detail: string };

/**
 * What an attempt makes of a message. A message that may have arrived is never sent twice by itself.
 *
 * @param attempt which one it was, from 1
 * @param most how many there are
 */
export function stateAfter(outcome: Attempt, attempt: number, most: number): MessageState {
  if (outcome.outcome === "sent") return "sent";
  if (outcome.outcome === "broken" && outcome.handedOver) return "unclear";
  if (outcome.outcome === "refused" && outcome.isFinal) return "given-up";
  return attempt >= most ? "given-up" : "failed";
}

/** Whether a message in this state is over, and what was secret in it can be forgotten. */
export const isOver = (state: MessageState): boolean =>
  state === "sent" || state === "given-up" || state === "unclear" || state === "simulated" || state === "no-address";

/** Whether a person may have it sent again. */
export const maySendAgain = (state: MessageState): boolean => state === "given-up" || state === "unclear";

/** Hours after which a message that still waits means that the queue does not move. */
const patienceHours = 1;

/** Whether the queue moves: nothing waits for its first attempt longer than it ever should. */
export const isQueueStuck = (at: Instant, queuedSince: Instant | null): boolean =>
  queuedSince !== null && addHours(queuedSince, patienceHours) < at;
