import { below } from "./below";
import { deck } from "./deck";
import { Shown, type ShownStep } from "./shown";
import type { Shows } from "./shows";

export type { ShownStep } from "./shown";

const shows: Shows = { ...deck, ...below };

/**
 * How a task is played right with her own figures, walking away at the end: the same steps as a hand would make, s by s.
 *
 * @param setup whole, as the device's schema has it
 * @param lacks controls she has not got
 */
export const shownSteps = (
  device: string,
  setup: object,
  task: string,
  lacks: readonly string[] = [],
): readonly ShownStep[] =>
  shows[device]?.(new Shown(new Set(lacks)), setup, task)
    .wait(3)
    .leave().steps ?? [];
