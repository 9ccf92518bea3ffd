import type { DrillAnswer, WorkedDrill } from "@/api/schemas/drills";
import type { DrillRun } from "./drill-run";

/** Tells the base how a drill stands, and hears whether somebody looks on and what they gave it. */
export type TellDrill = (panel: string, worked: WorkedDrill) => Promise<DrillAnswer>;

/** So much of what has been is told: the newest. */
const mostTold = 40;

/** How a drill stands, as the base is told it. */
export const workedDrill = (drill: string, task: string, run: DrillRun, took: number): WorkedDrill => ({
  ...{ drill, task, took },
  seconds: Math.floor(run.at),
  ...{ isDone: run.isDone, isOver: run.isOver, isShown: run.isShown },
  told: run.told.slice(0, mostTold).map(({ at, code, side, isMistake }) => ({
    ...{ at: Math.round(at * 10) / 10, code, isMistake },
    ...(side === undefined ? {} : { side }),
  })),
});
