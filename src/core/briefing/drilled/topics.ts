import type { HerDrill } from "../../drills/hers";
import type { FittingPurpose, ProcedurePurpose } from "../../yacht/parts/purposes";
import { servesPurpose } from "../../yacht/purposes";
import type { System, YachtFile } from "../../yacht/schema";
import type { Topic } from "../topics";

/** Where the briefing takes a device up: at stops with such a procedure, or of this system with such a fitting, or of the whole system. */
interface TakenUp {
  procedures?: readonly ProcedurePurpose[];
  system?: System;
  fittings?: readonly FittingPurpose[];
}

const takenUp: Readonly<Record<string, TakenUp>> = {
  engine: { system: "engine", fittings: ["engine-panel"] },
  thruster: { procedures: ["thruster"] },
  windlass: { procedures: ["anchor-down", "windlass-dead"] },
  pilot: { procedures: ["autopilot"] },
  sources: { procedures: ["shore-power", "generator-start"] },
  gas: { system: "gas" },
  head: { system: "waste" },
  water: { system: "fresh-water" },
  batteries: { system: "dc-power", fittings: ["engine-battery-switch", "service-battery-switch"] },
};

/** The stops of the briefing that take up what a drill works; of several heads those at its own place. */
export function topicsOfDrill(file: YachtFile, drill: HerDrill, topics: readonly Topic[]): string[] {
  const { procedures = [], system, fittings } = takenUp[drill.device] ?? {};
  const place = drill.device === "head" ? file.heads[drill.key.split(".")[1] ?? "main"]?.place : undefined;
  return topics
    .filter((topic) => {
      if (place !== undefined && topic.place !== place) return false;
      if (servesPurpose(file, topic.procedures, ...procedures)) return true;
      if (system === undefined || topic.system !== system) return false;
      return (
        fittings === undefined ||
        topic.fittings.some((key) => {
          const purpose = file.fittings[key]?.purpose;
          return purpose !== undefined && fittings.includes(purpose);
        })
      );
    })
    .map(({ id }) => id);
}
