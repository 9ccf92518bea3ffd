import { atFitting, fittingFor, onFitting, type FaultKind } from "./kind";

export const hullFaults: readonly FaultKind[] = [
  {
    kind: "hatch-leaks",
    system: "hull-and-deck",
    urgency: "tomorrow",
    safe: ["people"],
    on: onFitting("hatch"),
    checks: (_file, { place }) => [
      { code: "hatch-dogs", place, chance: 0.45, seconds: 20 },
      { code: "hatch-gasket", place, chance: 0.3, seconds: 40 },
    ],
    never: ["hatch-sealant"],
    asked: {
      en: ["hatch leaks", "window lets water in", "rain comes in", "wet bunk under the hatch"],
      de: ["Luke undicht", "es regnet rein"],
    },
  },
  {
    kind: "platform-stuck",
    system: "hull-and-deck",
    urgency: "today",
    safe: ["people"],
    on: onFitting("platform-lock"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "platform-lock"), { code: "lock-on", chance: 0.4, seconds: 20 }),
      { code: "platform-caught", place, chance: 0.35, seconds: 30 },
      { code: "platform-heavy", place, chance: 0.15, seconds: 20, found: "call" },
    ],
    never: ["fingers-platform", "sail-platform-down"],
    asked: {
      en: ["bathing platform stuck", "platform does not come up", "platform will not lock", "swim platform jammed"],
      de: ["Badeplattform klemmt", "Plattform geht nicht hoch"],
    },
  },
  {
    kind: "cockpit-drains",
    system: "hull-and-deck",
    urgency: "today",
    safe: ["people", "water"],
    on: onFitting("cockpit-drain"),
    checks: (file) => [
      ...atFitting(fittingFor(file, "cockpit-drain"), { code: "drain-leaves", chance: 0.7, seconds: 40 }),
    ],
    never: ["drain-wire"],
    asked: {
      en: ["cockpit does not drain", "water stays in the cockpit", "cockpit drain blocked"],
      de: ["Cockpit läuft nicht ab", "Wasser steht im Cockpit"],
    },
  },
];
