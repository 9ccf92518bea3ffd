import type { Instant } from "../basics/instant";
import type { NextStep } from "../handover/next-step";

/** What a charter goes through, in order. */
export const charterSteps = ["deposit", "study", "prep", "check-in", "under-way", "check-out", "settled"] as const;
export type CharterStep = (typeof charterSteps)[number];

/** How a step stands: behind, in hand, or still to come. */
export interface StepState {
  step: CharterStep;
  state: "done" | "here" | "to-come";
  /** when it was done, or is due; null where no hour belongs to it */
  at: Instant | null;
}

/** What the steps go by. */
export interface TimelineFacts {
  next: NextStep;
  startsAt: Instant;
  endsAt: Instant;
  depositMet: boolean;
  /** when the deposit was last added to */
  depositAt: Instant | null;
  hasStudied: boolean;
  /** when the prep was begun, and whether it was said to be done */
  prepAt: Instant | null;
  isPrepDone: boolean;
  checkInAt: Instant | null;
  /** when she left the berth */
  leftAt: Instant | null;
  checkOutAt: Instant | null;
  settledAt: Instant | null;
}

/** The step that is in hand: the one the base has to see to next; null once all is settled. */
export function stepInHand({
  next,
  isPrepDone,
  checkInAt,
}: Pick<TimelineFacts, "next" | "isPrepDone" | "checkInAt">): CharterStep | null {
  switch (next) {
    case "hold-deposit":
      return "deposit";
    case "start-check-in":
      return isPrepDone ? "check-in" : "prep";
    case "go-on-check-in":
      return "check-in";
    case "settle-record":
      return checkInAt === null ? "check-in" : "check-out";
    case "under-way":
      return "under-way";
    case "start-check-out":
    case "go-on-check-out":
      return "check-out";
    case "settle":
    case "clear-up":
      return "settled";
    case "settled":
    case "called-off":
      return null;
  }
}

/** A charter as a line through time. What is in hand is one step, whatever else is open before it. */
export function timeline(facts: TimelineFacts): StepState[] {
  const here = stepInHand(facts);
  const done: Record<CharterStep, boolean> = {
    deposit: facts.depositMet,
    study: facts.hasStudied,
    prep: facts.isPrepDone || facts.checkInAt !== null,
    "check-in": facts.checkInAt !== null,
    "under-way": facts.checkOutAt !== null,
    "check-out": facts.checkOutAt !== null,
    settled: facts.settledAt !== null,
  };
  const at: Record<CharterStep, Instant | null> = {
    deposit: facts.depositAt,
    study: null,
    prep: facts.prepAt,
    "check-in": facts.checkInAt ?? facts.startsAt,
    "under-way": facts.leftAt,
    "check-out": facts.checkOutAt ?? facts.endsAt,
    settled: facts.settledAt,
  };
  return charterSteps.map((step) => ({
    step,
    state: step === here ? "here" : done[step] ? "done" : "to-come",
    at: at[step],
  }));
}
