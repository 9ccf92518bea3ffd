import { atFitting, fittingFor, fuse, onFitting, type FaultKind } from "./kind";

export const dcFaults: readonly FaultKind[] = [
  {
    kind: "no-power",
    system: "dc-power",
    urgency: "now",
    safe: ["people", "fire", "position"],
    on: onFitting("switch-panel"),
    checks: (file) => [
      ...atFitting(fittingFor(file, "service-battery-switch"), { code: "switch-off", chance: 0.4, seconds: 20 }),
      ...atFitting(fittingFor(file, "negative-battery-switch"), {
        ...{ code: "switch-off", key: "negative-off", chance: 0.15, seconds: 20 },
      }),
      ...atFitting(fittingFor(file, "battery-meter"), { code: "bank-flat", chance: 0.25, seconds: 15 }),
      ...fuse(fittingFor(file, "main-fuse"), 0.1),
    ],
    never: ["hold-breaker", "bridge-fuse"],
    asked: {
      en: ["no power aboard", "no lights at all", "everything is dead", "all dark", "no electricity"],
      de: ["kein Strom", "alles dunkel", "kein Licht an Bord"],
    },
  },
  {
    kind: "lamp-dead",
    system: "dc-power",
    urgency: "tomorrow",
    safe: ["fire"],
    on: onFitting("switch-panel"),
    checks: (file, { place }) => [
      { code: "own-switch", place, chance: 0.4, seconds: 20 },
      ...atFitting(fittingFor(file, "switch-panel"), { code: "panel-switch", chance: 0.35, seconds: 15 }),
      ...atFitting(fittingFor(file, "switch-panel"), {
        ...{ code: "panel-breaker", chance: 0.12, seconds: 20, once: true, waitMinutes: 1 },
      }),
    ],
    never: ["hold-breaker", "bridge-fuse"],
    asked: {
      en: ["one light is dead", "a lamp does not work", "cabin light out", "socket for the phone dead", "usb dead"],
      de: ["eine Lampe geht nicht", "Licht in der Kabine geht nicht"],
    },
  },
  {
    kind: "batteries-low",
    system: "dc-power",
    urgency: "today",
    safe: ["position"],
    on: onFitting("battery-meter", "switch-panel"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "shore-charger"), { code: "charger-off", chance: 0.25, seconds: 30 }),
      { code: "too-much-on", place, chance: 0.35, seconds: 40 },
      { code: "not-charged-today", place, chance: 0.3, seconds: 20 },
    ],
    never: ["empty-bank"],
    asked: {
      en: ["batteries low", "battery flat", "low voltage", "lights are dim", "battery does not hold"],
      de: ["Batterien leer", "Unterspannung", "Licht wird dunkel"],
    },
  },
];
