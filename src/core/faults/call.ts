import type { TroubleCall } from "./entry";
import { urgencies } from "./kinds/kind";
import type { Trouble } from "./trouble";

/** What the base answered to a trouble, and when. */
export interface CallAnswer {
  trouble: string;
  at: string;
  words: string;
}

/** The last call of a trouble, as the base has it. */
export interface CallOfTrouble {
  call: TroubleCall;
  /** when it reached the base: without signal that may be a day after it was said */
  receivedAt: string;
  answers: readonly CallAnswer[];
  /** nobody has answered it, and nobody has ended the trouble */
  isOpen: boolean;
}

/** The last call of a trouble with what was answered; null where nobody called. */
export function callOf(
  trouble: Trouble,
  receivedAt: ReadonlyMap<string, string>,
  answers: readonly CallAnswer[],
): CallOfTrouble | null {
  const call = trouble.calls.at(-1);
  if (!call) return null;
  const received = receivedAt.get(call.id) ?? call.saidAt;
  const of = answers.filter((answer) => answer.trouble === trouble.id);
  const isAnswered = of.some(({ at }) => Date.parse(at) >= Date.parse(received));
  return { call, receivedAt: received, answers: of, isOpen: !isAnswered && trouble.end === null };
}

/** Urgent first, and of equal ones who waits longest. */
export const byUrgency = (
  a: { urgency: TroubleCall["urgency"]; receivedAt: string },
  b: { urgency: TroubleCall["urgency"]; receivedAt: string },
): number =>
  urgencies.indexOf(a.urgency) - urgencies.indexOf(b.urgency) || Date.parse(a.receivedAt) - Date.parse(b.receivedAt);
