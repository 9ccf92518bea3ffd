import type { Group } from "../../yacht/schema";
import type { CommonLine } from "./common";

const groups: Partial<Record<CommonLine["system"], Group>> = {
  engine: "engine",
  fuel: "engine",
  "rig-and-sails": "sails",
  anchoring: "deck",
  safety: "safety",
  tender: "tender",
  "navigation-and-radio": "navigation",
  "pilot-and-thruster": "navigation",
  "hull-and-deck": "hull",
  steering: "hull",
};

/** The class of things of a line that has none of its own, by its system. */
export const groupOfSystem = ({ system }: Pick<CommonLine, "system">): Group => groups[system] ?? "below";
