import { atFitting, fittingFor, onFitting, type FaultKind } from "./kind";

export const navigationFaults: readonly FaultKind[] = [
  {
    kind: "radio-silent",
    system: "navigation-and-radio",
    urgency: "today",
    safe: ["people"],
    on: onFitting("radio"),
    checks: (file, { place }) => {
      const isPanel = fittingFor(file, "switch-panel") !== undefined;
      return [
        ...atFitting(fittingFor(file, "radio"), { code: "radio-volume", chance: 0.2, seconds: 10 }),
        { code: "radio-squelch", place, chance: 0.25, seconds: 15 },
        { code: "radio-channel", place, chance: 0.2, seconds: 15 },
        ...(isPanel
          ? atFitting(fittingFor(file, "switch-panel"), { code: "panel-switch", chance: 0.15, seconds: 15 })
          : []),
        { code: "radio-weak", place, chance: 0.12, seconds: 30, found: "call" },
      ];
    },
    never: ["distress-test"],
    asked: {
      en: ["radio silent", "radio does not work", "no answer on the radio", "radio receives nothing"],
      de: ["Funk stumm", "Funkgerät geht nicht"],
    },
  },
  {
    kind: "instruments-dead",
    system: "navigation-and-radio",
    urgency: "today",
    safe: ["position"],
    on: onFitting("instruments-switch", "plotter"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "instruments-switch"), { code: "switch-off", chance: 0.45, seconds: 10 }),
      ...atFitting(fittingFor(file, "plotter"), {
        code: "own-power-button",
        found: "worked" as const,
        chance: 0.2,
        seconds: 15,
      }),
      { code: "too-deep", place, chance: 0.15, seconds: 10 },
      ...atFitting(fittingFor(file, "switch-panel"), {
        ...{ code: "panel-breaker", chance: 0.08, seconds: 20, once: true, waitMinutes: 1 },
      }),
    ],
    never: ["trust-one-depth"],
    asked: {
      en: ["instruments dead", "plotter dead", "no depth on the display", "wind instrument shows nothing"],
      de: ["Instrumente tot", "Plotter schwarz", "kein Echolot"],
    },
  },
  {
    kind: "nav-light-dead",
    system: "navigation-and-radio",
    urgency: "now",
    safe: ["people", "position"],
    on: onFitting("navigation-lights-switch"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "navigation-lights-switch"), { code: "light-stand", chance: 0.45, seconds: 15 }),
      ...atFitting(fittingFor(file, "switch-panel"), {
        ...{ code: "panel-breaker", chance: 0.12, seconds: 20, once: true, waitMinutes: 1 },
      }),
      { code: "one-bulb", place, chance: 0.35, seconds: 60, found: "call" },
    ],
    never: ["sail-dark", "climb"],
    asked: {
      en: ["navigation light out", "anchor light does not work", "steaming light dead", "no running lights"],
      de: ["Positionslicht geht nicht", "Ankerlicht geht nicht"],
    },
  },
];
