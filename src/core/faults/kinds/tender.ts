import { localize } from "../../basics/words";
import type { YachtFile } from "../../yacht/schema";
import { atFitting, fittingFor, onFitting, type FaultKind, type Part } from "./kind";

/** A tender is worked from the stern, or wherever her bathing platform is. */
const tenders = (file: YachtFile): readonly Part[] => {
  const all = Object.values(file.tenders).filter(({ outOfUse }) => outOfUse === undefined);
  const place =
    Object.keys(file.places).find((key) => /stern|transom|platform/i.test(localize(file.places[key]!.name))) ??
    Object.keys(file.places)[0];
  return all.length === 0 || place === undefined ? [] : [{ key: null, name: null, place }];
};
const withOutboard = (file: YachtFile) =>
  Object.values(file.tenders).some(({ outboard }) => outboard !== undefined) ? tenders(file) : [];

export const tenderFaults: readonly FaultKind[] = [
  {
    kind: "outboard-no-start",
    system: "tender",
    urgency: "tomorrow",
    safe: ["people"],
    on: withOutboard,
    checks: (_file, { place }) => [
      { code: "tender-kill-cord", place, chance: 0.28, seconds: 10 },
      { code: "tank-vent", place, chance: 0.18, seconds: 15 },
      { code: "tender-fuel-tap", place, chance: 0.14, seconds: 15 },
      { code: "tender-neutral", place, chance: 0.1, seconds: 10 },
      { code: "tender-choke", place, chance: 0.14, seconds: 20 },
      { code: "tender-fuel", place, chance: 0.08, seconds: 20 },
    ],
    never: ["petrol-spark", "tender-alone"],
    asked: {
      en: [
        "dinghy outboard does not start",
        "outboard dead",
        "tender motor will not start",
        "little motor does not start",
        "outboard dies again",
      ],
      de: ["Außenborder springt nicht an", "Beibootmotor startet nicht"],
    },
  },
  {
    kind: "outboard-no-drive",
    system: "tender",
    urgency: "today",
    safe: ["people", "position"],
    on: withOutboard,
    checks: (_file, { place }) => [
      { code: "tender-gear", place, chance: 0.3, seconds: 10 },
      { code: "leg-weed", place, chance: 0.35, seconds: 40 },
      { code: "hub-slips", place, chance: 0.25, seconds: 30, found: "call" },
    ],
    never: ["hands-near-propeller", "tender-alone"],
    asked: {
      en: ["outboard runs but no drive", "dinghy does not move", "outboard screams and nothing happens"],
      de: ["Außenborder läuft ohne Vortrieb"],
    },
  },
  {
    kind: "tender-soft",
    system: "tender",
    urgency: "today",
    safe: ["people"],
    on: tenders,
    checks: (_file, { place }) => [
      { code: "tube-valve", place, chance: 0.4, seconds: 30 },
      { code: "tube-cold", place, chance: 0.3, seconds: 60 },
      { code: "tube-leaks", place, chance: 0.25, seconds: 90, found: "call" },
    ],
    never: ["tender-soft-out"],
    asked: {
      en: ["dinghy soft", "tender loses air", "dinghy is flat", "rubber boat deflates"],
      de: ["Beiboot verliert Luft", "Dingi schlapp"],
    },
  },
  {
    kind: "tender-wet",
    system: "tender",
    urgency: "tomorrow",
    safe: ["people"],
    on: onFitting("tender-bung"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "tender-bung"), { code: "bung-out", chance: 0.6, seconds: 20 }),
      { code: "rain-in-tender", place, chance: 0.3, seconds: 20 },
    ],
    never: ["tender-soft-out"],
    asked: {
      en: ["water in the dinghy", "tender fills with water", "dinghy leaks"],
      de: ["Wasser im Beiboot", "Dingi läuft voll"],
    },
  },
];
