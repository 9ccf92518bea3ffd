/** What a procedure is for, where a rule of the briefing asks for it: a base may call its procedures as it likes. */
export const procedurePurposes = [
  "anchor-down",
  "anchor-load-off",
  "autopilot",
  "cooling-water-lost",
  "davits",
  "emergency-tiller",
  "engine-start",
  "extinguishers",
  "first-aid",
  "flares",
  "fuel-cut-off",
  "generator-start",
  "life-jackets",
  "life-raft",
  "main-hoist",
  "man-overboard",
  "radio",
  "reefing",
  "shore-power",
  "thruster",
  "twin-engines",
  "windlass-dead",
] as const;
export type ProcedurePurpose = (typeof procedurePurposes)[number];

/** What a fitting works or feeds, where a rule of the walk asks for it. */
export const fittingPurposes = ["windlass-switch", "thruster-control", "thruster-switch", "pilot-control"] as const;
export type FittingPurpose = (typeof fittingPurposes)[number];
