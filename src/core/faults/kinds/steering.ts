import { atFitting, fittingFor, onFitting, type FaultKind } from "./kind";

export const steeringFaults: readonly FaultKind[] = [
  {
    kind: "steering-heavy",
    system: "steering",
    urgency: "now",
    safe: ["people", "position"],
    on: onFitting("wheel-brake"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "wheel-brake"), { code: "brake-on", chance: 0.4, seconds: 10 }),
      ...(fittingFor(file, "pilot-control", place) === undefined
        ? []
        : [
            {
              ...{ code: "pilot-holds", fitting: fittingFor(file, "pilot-control", place), chance: 0.3, seconds: 10 },
            },
          ]),
      { code: "rudder-fouled", place, chance: 0.12, seconds: 60, found: "call" },
    ],
    never: ["force-wheel"],
    asked: {
      en: ["steering is heavy", "wheel hard to turn", "wheel is stuck"],
      de: ["Ruder schwergängig", "Steuerrad klemmt"],
    },
  },
  {
    kind: "steering-loose",
    system: "steering",
    urgency: "now",
    safe: ["people", "position"],
    on: onFitting("emergency-tiller"),
    checks: (_file, { place }) => [
      { code: "no-steering-at-all", place, chance: 0.6, seconds: 10, safety: true, found: { card: "steering" } },
      { code: "steering-knocks", place, chance: 0.3, seconds: 20, found: "call" },
    ],
    never: ["open-steering"],
    asked: {
      en: [
        "wheel turns without effect",
        "steering loose",
        "rudder does not answer",
        "steering broken",
        "rudder knocks",
      ],
      de: ["Steuerrad dreht leer", "Ruder reagiert nicht", "Ruder hat Spiel"],
    },
  },
];
