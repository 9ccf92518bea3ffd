import { atFitting, fittingFor, onFitting, type FaultKind } from "./kind";

export const comfortFaults: readonly FaultKind[] = [
  {
    kind: "fridge-warm",
    system: "comfort",
    urgency: "tomorrow",
    safe: [],
    on: onFitting("fridge-control", "fridge-switch"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "fridge-switch"), { code: "switch-off", chance: 0.22, seconds: 10 }),
      ...atFitting(fittingFor(file, "fridge-control"), { code: "fridge-setting", chance: 0.18, seconds: 15 }),
      { code: "fridge-iced", place, chance: 0.22, seconds: 20 },
      ...atFitting(fittingFor(file, "battery-meter"), { code: "fridge-volts", chance: 0.22, seconds: 15 }),
      { code: "fridge-lid", place, chance: 0.1, seconds: 20 },
    ],
    never: ["chip-ice"],
    asked: {
      en: ["fridge warm", "fridge does not cool", "fridge iced up", "beer is warm", "food is warm"],
      de: ["Kühlschrank kühlt nicht", "Kühlschrank vereist"],
    },
  },
  {
    kind: "heater-off",
    system: "comfort",
    urgency: "tomorrow",
    safe: ["people", "fire"],
    on: onFitting("heater-control"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "heater-control"), { code: "heater-knob", chance: 0.25, seconds: 20 }),
      ...atFitting(fittingFor(file, "heater-exhaust"), {
        code: "heater-outlet",
        chance: 0.15,
        seconds: 40,
        safety: true,
      }),
      ...atFitting(fittingFor(file, "battery-meter"), { code: "heater-volts", chance: 0.25, seconds: 15 }),
      { code: "heater-fuel", place, chance: 0.2, seconds: 20 },
    ],
    never: ["heater-again", "heater-fumes"],
    asked: {
      en: ["heating does not start", "heater blows cold air", "heater goes out"],
      de: ["Heizung startet nicht", "Heizung bläst kalt"],
    },
  },
  {
    kind: "aircon-off",
    system: "comfort",
    urgency: "tomorrow",
    safe: [],
    on: onFitting("aircon-control"),
    checks: (file, { place }) => [
      { code: "aircon-no-mains", place, chance: 0.35, seconds: 15 },
      ...atFitting(fittingFor(file, "aircon-seacock"), { code: "seacock-shut", chance: 0.35, seconds: 40 }),
      ...atFitting(fittingFor(file, "aircon-control"), { code: "aircon-filter", chance: 0.15, seconds: 60 }),
    ],
    never: ["run-without-water"],
    asked: {
      en: ["air conditioning does not cool", "aircon off", "aircon shows an error"],
      de: ["Klimaanlage kühlt nicht", "Klimaanlage aus"],
    },
  },
];
