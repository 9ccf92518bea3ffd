import { drillsOf, type HerDrill } from "../../drills/hers";
import type { YachtFile } from "../../yacht/schema";
import type { Depth } from "../depth";
import type { DrillRunKept } from "./run";
import type { Topic } from "../topics";
import { machineOf } from "./machine";
import { taskStanding, type TaskStanding } from "./standing";
import { topicsOfDrill } from "./topics";

/** How a skipper stands with one of her devices. */
export interface Drilled {
  drill: HerDrill;
  /** stops of the briefing that take it up */
  topics: string[];
  tasks: TaskStanding[];
  /** every task of it done alone */
  isAlone: boolean;
}

/**
 * How a skipper stands with each of her devices. What was drilled on another machine (her file says otherwise of it
 * today) does not count.
 *
 * @param runs in the order they were made
 */
export const drilledOf = (file: YachtFile, topics: readonly Topic[], runs: readonly DrillRunKept[]): Drilled[] =>
  drillsOf(file).map((drill) => {
    const tasks = drill.tasks.map((task) => {
      const machine = machineOf(drill, task);
      return taskStanding(
        task.task,
        runs.filter((run) => run.drill === drill.key && run.task === task.task && run.machine === machine),
      );
    });
    return { drill, topics: topicsOfDrill(file, drill, topics), tasks, isAlone: tasks.every(({ isAlone }) => isAlone) };
  });

/** What to do with a drill now: it asks for a run, waits for another day, is done, or is not asked for. */
export type Asked = "now" | "another-day" | "done" | "free";

/**
 * Whether the study asks for a drill: of what is briefed deeper than in short, until it is done alone; after a clean run
 * on another day, so that it sits.
 *
 * @param depths of the topics of the briefing, by id
 * @param today the day at the base
 */
export function askedNow(drilled: Drilled, depths: ReadonlyMap<string, Depth>, today: string): Asked {
  if (drilled.isAlone) return "done";
  if (!drilled.topics.some((topic) => (depths.get(topic) ?? "skim") !== "skim")) return "free";
  const open = drilled.tasks.filter(({ isAlone }) => !isAlone);
  return open.every(({ last }) => last !== null && last.isClean && last.day >= today) ? "another-day" : "now";
}
