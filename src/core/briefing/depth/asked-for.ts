import type { DepthRule } from "./rule";

/** The skipper asks to be shown it, or has a question on it. */
export const askedFor: DepthRule = {
  name: "asked-for",
  kind: "floor",
  weigh: ({ mark, asked }) => (mark === "ask" || asked > 0 ? { depth: "normal", why: "asked" } : null),
};
