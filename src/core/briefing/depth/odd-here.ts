import type { DepthRule } from "./rule";

/** What is odd on this yacht catches those out who know the others. */
export const oddHere: DepthRule = {
  name: "odd-here",
  kind: "floor",
  weigh: ({ topic }) => (topic.oddities.length > 0 ? { depth: "normal", why: "odd" } : null),
};
