import { atFitting, fittingFor, partsOf, type FaultKind, type Part } from "./kind";
import type { YachtFile } from "../../yacht/schema";

const diesels = (file: YachtFile): readonly Part[] =>
  partsOf(Object.fromEntries(Object.entries(file.engines).filter(([, { kind }]) => kind === "diesel")));
const fuelTank = ({ tanks, fittings }: YachtFile) => {
  const tank = Object.values(tanks).find(({ holds }) => holds === "fuel");
  return { gauge: tank?.gauge, filler: tank?.filler, place: fittings[tank?.filler ?? ""]?.place };
};
const withTank = (file: YachtFile): readonly Part[] => {
  const { filler, place } = fuelTank(file);
  return filler === undefined || place === undefined ? [] : [{ key: null, name: null, place }];
};

export const fuelFaults: readonly FaultKind[] = [
  {
    kind: "engine-starves",
    system: "fuel",
    urgency: "now",
    safe: ["people", "position"],
    on: diesels,
    checks: (file, { place }) => [
      ...atFitting(fuelTank(file).gauge, { code: "tank-empty", chance: 0.3, seconds: 20, found: "call" }),
      ...atFitting(fittingFor(file, "fuel-shut-off", place), { code: "fuel-half-shut", chance: 0.15, seconds: 30 }),
      ...atFitting(fittingFor(file, "water-separator", place), {
        ...{ code: "separator-dirty", chance: 0.25, seconds: 60, found: "call" },
      }),
      ...atFitting(fittingFor(file, "fuel-vent"), { code: "vent-blocked", chance: 0.08, seconds: 60 }),
    ],
    never: ["fuel-lines"],
    asked: {
      en: ["engine stutters and dies", "engine runs out of fuel", "revs hunt up and down", "engine loses power"],
      de: ["Motor stottert", "Motor geht aus", "kein Diesel"],
    },
  },
  {
    kind: "fuel-smell",
    system: "fuel",
    urgency: "today",
    safe: ["people", "fire"],
    on: diesels,
    checks: (file, { place }) => [
      { code: "petrol-smell", place, chance: 0.05, seconds: 10, safety: true, found: { card: "fire" } },
      ...atFitting(fuelTank(file).filler, { code: "spilt-filling", chance: 0.35, seconds: 60 }),
      ...atFitting(fittingFor(file, "water-separator", place), {
        ...{ code: "drips-here", chance: 0.25, seconds: 60, found: "call" },
      }),
      { code: "fuel-in-bilge", place, chance: 0.2, seconds: 60, found: "call" },
    ],
    never: ["fuel-overboard", "flame-near"],
    asked: {
      en: ["smell of diesel", "diesel leaks", "diesel in the bilge", "fuel under the floor"],
      de: ["riecht nach Diesel", "Diesel läuft aus"],
    },
  },
  {
    kind: "fuel-gauge",
    system: "fuel",
    urgency: "tomorrow",
    safe: [],
    on: withTank,
    checks: (file) => [
      ...atFitting(fittingFor(file, "instruments-switch"), { code: "switch-off", chance: 0.35, seconds: 10 }),
      ...atFitting(fuelTank(file).gauge, { code: "gauge-slow", found: "worked" as const, chance: 0.25, seconds: 20 }),
    ],
    never: ["trust-gauge"],
    asked: {
      en: ["fuel gauge is stuck", "gauge shows nothing", "gauge says empty after filling"],
      de: ["Tankanzeige steht", "Dieselanzeige geht nicht"],
    },
  },
  {
    kind: "fuel-spills",
    system: "fuel",
    urgency: "now",
    safe: ["people", "fire"],
    on: withTank,
    checks: (file, { place }) => [
      { code: "fills-fast", place, chance: 0.5, seconds: 20 },
      ...atFitting(fuelTank(file).gauge, { code: "tank-full", chance: 0.3, seconds: 20 }),
      ...atFitting(fittingFor(file, "fuel-vent"), { code: "vent-blocked", chance: 0.15, seconds: 60 }),
    ],
    never: ["fuel-overboard", "flame-near"],
    asked: {
      en: ["diesel splashes back", "fuel runs out while filling", "diesel out of the vent"],
      de: ["Diesel läuft beim Tanken über"],
    },
  },
];
