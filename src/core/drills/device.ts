import type { Control, Value } from "./control";
import type { Panel } from "./panel";
import type { Setup } from "./setup";

export type Output = Value | boolean | readonly string[] | null;

/** An action as the machine hears of it, once it has changed something; looking always counts. */
export type Heard =
  | { do: "press"; control: string }
  | { do: "release"; control: string; heldS: number }
  | { do: "set"; control: string; from: Value; to: Value }
  | { do: "look" | "listen" | "feel"; control: string };

/** A mistake whose condition lasts: told when it becomes true, again only after it was false. */
export interface Condition {
  code: string;
  side?: string;
  when: () => boolean;
}

/** A device at work, as made for one drill. */
export interface Works {
  /** what happens in so many seconds */
  step: (dtS: number) => void;
  heard?: (heard: Heard) => void;
  conditions: readonly Condition[];
  /** judged at each leaving */
  leaving: readonly Condition[];
  outputs: () => Readonly<Record<string, Output>>;
  /** whether the goal of the task is reached now */
  goal: () => boolean;
}

/** How a machine says what happens by itself, and what was done wrong at one moment. */
export interface Tell {
  event: (code: string, side?: string) => void;
  mistake: (code: string, side?: string) => void;
}

export interface Given<S> {
  setup: S;
  faults: ReadonlySet<string>;
  task: string | null;
  panel: Panel;
  tell: Tell;
}

/** One simulated device: all of one shape. */
export interface Device<S extends object = object> {
  name: string;
  setup: Setup<S>;
  /** what a schema cannot say of a setup: where, and what is wrong; null where it is sound */
  setupFault?: (setup: S) => { where: string; what: string } | null;
  controls: (setup: S) => readonly Control[];
  /** what stands otherwise at the start than the first listed */
  first?: (setup: S, faults: ReadonlySet<string>) => Readonly<Partial<Record<string, Value>>>;
  outputs: (setup: S) => readonly { name: string; unit: string }[];
  faults: readonly string[];
  tasks: readonly string[];
  mistakes: readonly string[];
  make: (given: Given<S>) => Works;
}

/** A device among others: its own setup is checked by its schema before it is made. */
export const device = <S extends object>(one: Device<S>): Device => one as unknown as Device;
