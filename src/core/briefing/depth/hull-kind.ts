import type { DepthRule } from "./rule";

const handling = new Set(["engine", "anchoring", "rig-and-sails"]);

/** A first time on two hulls: turning on two engines, a bridle, no heel to tell the wind. */
export const hullKind: DepthRule = {
  name: "hull-kind",
  kind: "suggests",
  weigh: ({ file, topic, experience }) =>
    experience &&
    file.particulars.hull === "catamaran" &&
    handling.has(topic.system) &&
    !experience.handled.includes("catamaran")
      ? { depth: "hands-on", why: "first-catamaran" }
      : null,
};
