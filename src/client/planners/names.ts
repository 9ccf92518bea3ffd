/** The planners of the boat under way, as they stand in the address. */
export const plannerNames = [
  "berth",
  "anchor",
  "watch",
  "reef",
  "fuel",
  "water",
  "power",
  "back",
  "round",
  "log",
] as const;
export type PlannerName = (typeof plannerNames)[number];
export const isPlanner = (name: string | undefined): name is PlannerName =>
  (plannerNames as readonly (string | undefined)[]).includes(name);
