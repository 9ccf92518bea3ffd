import type { YachtFile } from "../../yacht/schema";
import { anyFitting, atFitting, fittingFor, onFitting, type CheckSpec, type FaultKind, type Part } from "./kind";

const bilgePlace = (file: YachtFile): readonly Part[] => onFitting("bilge-pump", "drain-bung")(file);
const rising = (place: string): CheckSpec => ({
  ...{ code: "water-rising", place, chance: 0.15, seconds: 30, safety: true },
  found: { card: "water" },
});

export const bilgeFaults: readonly FaultKind[] = [
  {
    kind: "bilge-runs",
    system: "bilge",
    urgency: "now",
    safe: ["people", "water"],
    on: onFitting("bilge-pump"),
    checks: (file, { place }) => [
      rising(place),
      ...atFitting(fittingFor(file, "bilge-switch"), { code: "bilge-by-hand-on", chance: 0.2, seconds: 10 }),
      ...atFitting(anyFitting(file, "bilge-float"), { code: "float-stuck", chance: 0.35, seconds: 60 }),
      { code: "siphons-back", place, chance: 0.15, seconds: 60, found: "call" },
    ],
    never: ["bilge-off"],
    asked: {
      en: [
        "bilge pump runs",
        "bilge pump keeps running",
        "bilge pump starts again and again",
        "pump under the floor does not stop",
      ],
      de: ["Bilgepumpe läuft dauernd", "Bilgepumpe springt ständig an"],
    },
  },
  {
    kind: "bilge-dead",
    system: "bilge",
    urgency: "now",
    safe: ["people", "water"],
    on: onFitting("bilge-pump"),
    checks: (file, { place }) => [
      rising(place),
      ...atFitting(fittingFor(file, "bilge-switch"), { code: "bilge-not-auto", chance: 0.3, seconds: 10 }),
      ...atFitting(anyFitting(file, "bilge-pump"), { code: "bilge-dirt", chance: 0.35, seconds: 90 }),
      ...atFitting(fittingFor(file, "bilge-pump-by-hand"), { code: "bilge-pump-by-hand", chance: 0.1, seconds: 60 }),
    ],
    never: ["bilge-off"],
    asked: {
      en: ["bilge pump does not work", "bilge pump dead", "pump hums and does not pump"],
      de: ["Bilgepumpe geht nicht", "Bilgepumpe pumpt nicht"],
    },
  },
  {
    kind: "bilge-water",
    system: "bilge",
    urgency: "now",
    safe: ["people", "water"],
    on: bilgePlace,
    checks: (file, { place }) => [
      rising(place),
      ...atFitting(fittingFor(file, "log-impeller"), { code: "log-weeps", chance: 0.1, seconds: 60, found: "call" }),
      ...atFitting(fittingFor(file, "drain-bung"), { code: "bung-out", chance: 0.3, seconds: 30 }),
      { code: "water-is-fresh", place, chance: 0.3, seconds: 40, found: "call" },
      { code: "shaft-drips", place, chance: 0.15, seconds: 90, found: "call" },
    ],
    never: ["bilge-off"],
    asked: {
      en: ["water in the bilge", "water under the floorboards", "salt water below", "bilge alarm"],
      de: ["Wasser in der Bilge", "Bilgealarm"],
    },
  },
];
