import type { PrepSection } from "../../tasks/sections";
import type { ReadingKind } from "../../yacht/parts/reading-kinds";

/** Where a reading is taken on the round, and at which step of the section. Papers are the office's. */
export const stepOfReading: Readonly<Record<ReadingKind, { section: PrepSection; step: number } | null>> = {
  bilge: { section: "opening-up", step: 2 },
  "battery-rest": { section: "batteries", step: 1 },
  strainer: { section: "engine-cold", step: 1 },
  "engine-oil": { section: "engine-cold", step: 2 },
  "gearbox-oil": { section: "engine-cold", step: 3 },
  belt: { section: "engine-cold", step: 4 },
  coolant: { section: "engine-cold", step: 6 },
  fuel: { section: "tanks-and-gas", step: 1 },
  water: { section: "tanks-and-gas", step: 2 },
  "holding-tank": { section: "tanks-and-gas", step: 3 },
  gas: { section: "tanks-and-gas", step: 4 },
  "dated-item": { section: "safety-gear", step: 2 },
  extinguisher: { section: "safety-gear", step: 3 },
  "engine-hours": { section: "engine-running", step: 1 },
  "battery-cranking": { section: "engine-running", step: 2 },
  "cooling-water": { section: "engine-running", step: 3 },
  "exhaust-smoke": { section: "engine-running", step: 4 },
  charging: { section: "engine-running", step: 5 },
  "state-of-charge": { section: "batteries", step: 2 },
  "loaded-volts": { section: "batteries", step: 3 },
  "idle-revs": { section: "engine-running", step: 5 },
  "oil-pressure": { section: "engine-running", step: 5 },
  "engine-temperature": { section: "engine-running", step: 6 },
  "shaft-drip": { section: "engine-running", step: 7 },
  "generator-output": { section: "engine-running", step: 8 },
  "log-calibration": { section: "opening-up", step: 6 },
  "depth-calibration": { section: "opening-up", step: 7 },
  document: null,
};
