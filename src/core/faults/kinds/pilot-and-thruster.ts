import type { Words } from "../../basics/words";
import type { YachtFile } from "../../yacht/schema";
import { atFitting, fittingFor, fuse, onFitting, type FaultKind, type Part } from "./kind";

/** One thruster or several, each by its control. */
const thrusters = (file: YachtFile): readonly Part[] => {
  const all = Object.entries(file.fittings).filter(([, { purpose }]) => purpose === "thruster-control");
  return all.map(([key, { name, place }]) =>
    all.length === 1 ? { key: null, name: null, place } : { key, name, place },
  );
};
/** The switch or fuse that belongs to a thruster: the only one, or the one that names the same end of the boat. */
const ofSameEnd = (file: YachtFile, purpose: "thruster-switch" | "thruster-fuse", part: Part): string | undefined => {
  const names = (end: RegExp, words: Words | null | undefined) => words !== null && end.test(words?.en ?? "");
  const end = [/\bbow\b/i, /\bstern\b/i].find((each) => names(each, part.name));
  return end === undefined
    ? fittingFor(file, purpose)
    : Object.keys(file.fittings).find(
        (key) => file.fittings[key]?.purpose === purpose && names(end, file.fittings[key].name),
      );
};

export const pilotFaults: readonly FaultKind[] = [
  {
    kind: "thruster-dead",
    system: "pilot-and-thruster",
    urgency: "today",
    safe: ["people", "position"],
    on: thrusters,
    checks: (file, part) => [
      {
        ...{ code: "thruster-asleep", chance: 0.3, seconds: 10 },
        fitting: part.key ?? fittingFor(file, "thruster-control"),
      },
      { code: "engine-not-running", place: part.place, chance: 0.15, seconds: 10 },
      { code: "thruster-hot", place: part.place, chance: 0.15, seconds: 10, waitMinutes: 15 },
      ...atFitting(ofSameEnd(file, "thruster-switch", part), { code: "switch-off", chance: 0.2, seconds: 20 }),
      ...fuse(ofSameEnd(file, "thruster-fuse", part), 0.1),
    ],
    never: ["swim-near-thruster"],
    asked: {
      en: ["thruster dead", "bow thruster does not work", "thruster stopped", "thruster lamp out"],
      de: ["Bugstrahlruder geht nicht", "Strahlruder tot"],
    },
  },
  {
    kind: "pilot-wanders",
    system: "pilot-and-thruster",
    urgency: "tomorrow",
    safe: ["position"],
    on: onFitting("pilot-control"),
    checks: (_file, { place }) => [
      { code: "sail-unbalanced", place, chance: 0.35, seconds: 60 },
      { code: "metal-near-compass", place, chance: 0.2, seconds: 40 },
      { code: "sea-behind", place, chance: 0.2, seconds: 20 },
      { code: "low-volts-pilot", place, chance: 0.1, seconds: 30 },
    ],
    never: ["pilot-alone"],
    asked: {
      en: ["autopilot wanders", "pilot does not keep the course", "autopilot gives up"],
      de: ["Autopilot hält den Kurs nicht", "Autopilot schlingert"],
    },
  },
  {
    kind: "pilot-dead",
    system: "pilot-and-thruster",
    urgency: "tomorrow",
    safe: ["position"],
    on: onFitting("pilot-control"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "instruments-switch"), { code: "switch-off", chance: 0.45, seconds: 10 }),
      ...atFitting(fittingFor(file, "pilot-socket"), { code: "plug-loose", chance: 0.3, seconds: 20 }),
      { code: "pilot-standby", place, chance: 0.2, seconds: 15 },
    ],
    never: ["open-pilot"],
    asked: {
      en: ["autopilot dead", "pilot will not switch on", "pilot keypad dark"],
      de: ["Autopilot geht nicht an", "Autopilot tot"],
    },
  },
];
