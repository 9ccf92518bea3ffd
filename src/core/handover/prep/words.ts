import type { Words } from "../../basics/words";
import type { PrepSection } from "./sections";

interface Task {
  name: Words;
  how: Words;
  caution?: Words;
}

/** What the round says where no yacht file does: it is the same on every yacht. */
export const prepWords = {
  sections: {
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
  } satisfies Record<PrepSection, { name: Words; reach: Words }>,
  openingUp: {
    sniff: {
      name: { en: "Open her up and sniff" },
      how: {
        en: "Hatches and boards open, nose low over the bilge. Some extra strokes of the hand pump: heavy gas goes with the water.",
      },
      caution: {
        en: "Touch no switch, on or off, before it smells of nothing. Smell of gas: bottle shut by hand, everybody on deck.",
      },
    },
    "first-switch": {
      name: { en: "First switch, then look" },
      how: { en: "Isolators on. Gas alarm lit, gauges alive, nothing hums that should not." },
    },
    "put-back": {
      name: { en: "Put back what was taken off for the lay-over" },
      how: {
        en: "Log impeller: arrow forward, finger-tight, spins. Isolators and theft switches to run, fuel shut-off open.",
      },
    },
  } satisfies Record<string, Task>,
  leaks: {
    name: { en: "Bolts and leaks" },
    how: { en: "By eye and hand, engine off: mounts, hoses, clamps, shaft seal, water separator." },
  },
  gear: {
    name: { en: "Gear ahead and astern" },
    how: { en: "Idle, a second in neutral between. The lines take it both ways." },
    caution: { en: "Doubled lines, nobody on the platform, propeller clear." },
  },
  seacock: { en: "Work it once: it must move freely" },
  leaveOpen: { en: "Left open" },
  leaveShut: { en: "Left shut" },
  sail: { en: "Leech, seams, UV strip, batten pockets, halyard." },
};
