import { daysBetween } from "../basics/instant";
import { entriesByStep } from "./order";
import type { YachtFile } from "../yacht/schema";
import type { Task, TaskNeed, Tasks } from "./task";

/** The lengths that the two figures of a task's minutes are for, in metres. */
export const smallM = 8;
export const largeM = 16;

/** What decides which tasks are due on a yacht. */
export interface TaskFacts {
  /** her short name */
  yacht: string;
  file: Pick<YachtFile, "particulars" | "heads" | "gas" | "tanks" | "tenders" | "sails">;
  /** the day she came back last; null where nobody has had her out */
  backOn: string | null;
  /** the day she goes out next */
  outOn: string;
}

/** A task that is due, with its minutes on this yacht. */
export interface DueTask {
  key: string;
  task: Task;
  minutes: number;
}

const has: Record<TaskNeed, (file: TaskFacts["file"]) => boolean> = {
  berths: ({ particulars }) => particulars.berths > 0,
  head: ({ heads }) => Object.keys(heads).length > 0,
  gas: ({ gas }) => Object.keys(gas).length > 0,
  "fuel-tank": ({ tanks }) => Object.values(tanks).some(({ holds }) => holds === "fuel"),
  "water-tank": ({ tanks }) => Object.values(tanks).some(({ holds }) => holds === "water"),
  tender: ({ tenders }) => Object.values(tenders).some(({ outOfUse }) => !outOfUse),
  outboard: ({ tenders }) => Object.values(tenders).some(({ outboard, outOfUse }) => outboard && !outOfUse),
  sails: ({ sails }) => Object.keys(sails).length > 0,
};

/** Minutes of a task on a yacht of a length in metres, to the next five; between two lengths by a straight line, never beyond them. */
export function taskMinutes({ small, large }: Task["minutes"], lengthM: number): number {
  const share = Math.min(1, Math.max(0, (lengthM - smallM) / (largeM - smallM)));
  return Math.round((small + share * (large - small)) / 5) * 5;
}

/**
 * The tasks that are due on a yacht before she goes out next, section by section in their steps. Where nobody knows when
 * she came back last, she counts as having lain.
 */
export function dueTasks(tasks: Tasks, { yacht, file, backOn, outOn }: TaskFacts): DueTask[] {
  const idleDays = backOn === null ? Infinity : daysBetween(backOn, outOn);
  return entriesByStep(tasks)
    .filter(
      ([, { when, days = 1, needs, onlyOn }]) =>
        (when === "always" || idleDays >= days) &&
        // a yacht that nobody has had out was not laid up by anybody here
        (when !== "before-idle" || backOn !== null) &&
        (needs === undefined || has[needs](file)) &&
        (onlyOn === undefined || onlyOn.includes(yacht)),
    )
    .map(([key, task]) => ({ key, task, minutes: taskMinutes(task.minutes, file.particulars.lengthM) }));
}
