import type { ReadingKind } from "../../yacht/parts/reading-kinds";

/**
 * The technician's round in its order: the boat is opened and sniffed before the first switch, batteries are read before
 * the first load, the engine is checked cold in the order that practice keeps, and started last.
 */
export const prepSections = [
  "opening-up",
  "batteries",
  "engine-cold",
  "seacocks",
  "tanks-and-gas",
  "safety-gear",
  "sails",
  "engine-running",
] as const;
export type PrepSection = (typeof prepSections)[number];

/** The key of a section among a list's places; no place aboard has this form. */
export const sectionKey = (section: PrepSection) => `prep-${section}`;

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
  document: null,
};
