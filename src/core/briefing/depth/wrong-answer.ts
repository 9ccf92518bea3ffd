import type { DepthRule } from "./rule";

/** A question about it was answered wrongly. */
export const wrongAnswer: DepthRule = {
  name: "wrong-answer",
  kind: "floor",
  weigh: ({ wrong }) => (wrong > 0 ? { depth: "hands-on", why: "wrong-answer", values: { wrong } } : null),
};
