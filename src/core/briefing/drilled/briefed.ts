import type { BriefedDrill } from "../part";
import type { Drilled } from "./drilled";

/** What a briefing keeps of a device that was drilled: each task that was tried. */
export const briefedDrills = ({ drill, tasks }: Drilled): BriefedDrill[] =>
  tasks.flatMap(({ task, runs, isAlone, last, mistakes }) =>
    last
      ? [
          {
            ...{ device: drill.device, task, runs, alone: isAlone, clean: last.isClean, lastAt: last.at, mistakes },
            ...(drill.part ? { part: drill.part } : {}),
          },
        ]
      : [],
  );
