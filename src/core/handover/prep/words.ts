import type { Words } from "../../basics/words";
import type { PrepSection } from "../../tasks/sections";

/** What the round says where no yacht file does: it is the same on every yacht. */
export const prepWords = {
  sections: {
    "laying-up": { name: { en: "Laying up" }, reach: { en: "On the day she comes back, as she lies long after it." } },
    "opening-up": { name: { en: "Opening up" }, reach: { en: "Before the first switch." } },
    batteries: { name: { en: "Batteries at rest" }, reach: { en: "Charger and solar off, before the first load." } },
    "engine-cold": { name: { en: "Engine, cold" }, reach: { en: "In this order, before it is started." } },
    seacocks: { name: { en: "Seacocks" }, reach: { en: "Each worked once, and left as it belongs." } },
    "tanks-and-gas": { name: { en: "Tanks and gas" }, reach: { en: "What is in her, by gauge or glass." } },
    "safety-gear": { name: { en: "Safety gear" }, reach: { en: "Laid out, counted, dated." } },
    sails: { name: { en: "Sails" }, reach: { en: "Two people, light wind; a photo of each fault." } },
    "engine-running": {
      name: { en: "Engine, running" },
      reach: { en: "Tied up, lever in neutral. Look at the water first." },
    },
    "turn-round": { name: { en: "Turn-round" }, reach: { en: "Clean, full, made up for the next crew." } },
    departure: { name: { en: "Departure" }, reach: { en: "Last, before the crew comes." } },
  } satisfies Record<PrepSection, { name: Words; reach: Words }>,
  leaks: {
    name: { en: "Bolts and leaks" },
    how: { en: "By eye and hand, engine off: mounts, hoses, clamps, shaft seal, water separator." },
  },
  gear: {
    name: { en: "Gear ahead and astern" },
    how: { en: "Idle, a second in neutral between. The lines take it both ways." },
    caution: { en: "Doubled lines, nobody on the platform, propeller clear." },
  },
  takeOff: { en: "Take off her what is not hired any more" },
  seacock: { en: "Work it once: it must move freely" },
  leaveOpen: { en: "Left open" },
  leaveShut: { en: "Left shut" },
  sail: { en: "Leech, seams, UV strip, batten pockets, halyard." },
};
