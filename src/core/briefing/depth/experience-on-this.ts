import type { DepthRule } from "./rule";
import { needsFor } from "./needs";

/** Who has handled all that a topic asks for skims it; who has handled none or not all of it does it with own hands. */
export const experienceOnThis: DepthRule = {
  name: "experience-on-this",
  kind: "suggests",
  weigh: ({ file, topic, experience }) => {
    const needs = needsFor(topic, file);
    if (!needs || !experience) return null;
    const missing = needs.filter((need) => !experience.handled.includes(need));
    return missing.length === 0
      ? { depth: "skim", why: "known" }
      : { depth: "hands-on", why: "never-handled", values: { what: missing.join(" ") } };
  },
};
