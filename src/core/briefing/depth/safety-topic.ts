import type { DepthRule } from "./rule";

/** Safety is never skimmed, whoever comes aboard. */
export const safetyTopic: DepthRule = {
  name: "safety-topic",
  kind: "floor",
  weigh: ({ topic }) => (topic.safety ? { depth: "normal", why: "safety" } : null),
};
