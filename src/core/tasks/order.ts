import { prepSections } from "./sections";
import type { Task, Tasks } from "./task";

/** Tasks in the order of the round: by section, then by step, then by key. */
export const entriesByStep = (tasks: Tasks): [string, Task][] =>
  Object.entries(tasks).sort(
    ([a, one], [b, other]) =>
      prepSections.indexOf(one.section) - prepSections.indexOf(other.section) ||
      one.step - other.step ||
      (a < b ? -1 : 1),
  );
