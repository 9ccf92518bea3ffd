import type { Fitting, FittingKind } from "../yacht/parts/fittings";

export const layers = ["fillers", "shut-offs", "breakers", "pumps", "safety", "stowage"] as const;
/** What can be shown on the plan together. */
export type Layer = (typeof layers)[number];

const kindsOf: Record<Layer, readonly FittingKind[]> = {
  fillers: ["filler"],
  "shut-offs": ["valve", "seacock", "cut-off", "bung"],
  breakers: ["breaker", "fuse", "switch"],
  pumps: ["pump", "strainer"],
  safety: ["extinguisher", "life-raft", "detector"],
  stowage: ["locker", "handle"],
};

/** Whether a fitting belongs to a layer; safety takes in whatever is of the safety system. */
export function isOnLayer(fitting: Pick<Fitting, "kind" | "system">, layer: Layer): boolean {
  return layer === "safety" && fitting.system === "safety" ? true : kindsOf[layer].includes(fitting.kind);
}
