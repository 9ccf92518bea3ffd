/** The kinds of reading, by the names of their rules. */
export const readingKinds = [
  "battery-rest",
  "battery-cranking",
  "charging",
  "engine-oil",
  "gearbox-oil",
  "coolant",
  "belt",
  "cooling-water",
  "strainer",
  "bilge",
  "exhaust-smoke",
  "engine-hours",
  "fuel",
  "water",
  "holding-tank",
  "gas",
  "dated-item",
  "extinguisher",
  "document",
] as const;
export type ReadingKind = (typeof readingKinds)[number];
