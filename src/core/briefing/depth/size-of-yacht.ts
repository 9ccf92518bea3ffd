import type { DepthRule } from "./rule";

/** A yacht so much longer than the longest commanded handles differently: what moves or holds her is done by hand. */
export const biggerByM = 3;
const handling = new Set(["engine", "anchoring", "rig-and-sails", "pilot-and-thruster", "hull-and-deck"]);

export const sizeOfYacht: DepthRule = {
  name: "size-of-yacht",
  kind: "suggests",
  weigh: ({ file, topic, experience }) => {
    if (!experience || !handling.has(topic.system)) return null;
    const moreM = Math.round((file.particulars.lengthM - experience.longestM) * 10) / 10;
    return moreM >= biggerByM ? { depth: "hands-on", why: "bigger", values: { moreM } } : null;
  },
};
