import type { YachtFile } from "../../yacht/schema";
import { atFitting, fittingFor, onFitting, type FaultKind, type Part } from "./kind";

const where =
  (test: (fitting: YachtFile["fittings"][string]) => boolean) =>
  (file: YachtFile): readonly Part[] => {
    const found = Object.values(file.fittings).find(test);
    return found ? [{ key: null, name: null, place: found.place }] : [];
  };

export const safetyFaults: readonly FaultKind[] = [
  {
    kind: "detector-beeps",
    system: "safety",
    urgency: "now",
    safe: ["people", "fire", "gas"],
    on: onFitting("gas-detector"),
    checks: (file, { place }) => [
      { code: "smoke-seen", place, chance: 0.05, seconds: 10, safety: true, found: { card: "fire" } },
      { code: "smell-gas", place, chance: 0.15, seconds: 10, safety: true, found: { card: "gas" } },
      ...atFitting(fittingFor(file, "gas-detector"), {
        code: "detector-chirps",
        chance: 0.4,
        seconds: 30,
        found: "call",
      }),
      { code: "spray-used", place, chance: 0.25, seconds: 60, waitMinutes: 10 },
    ],
    never: ["silence-detector"],
    asked: {
      en: ["gas detector beeps", "gas alarm without smell", "detector chirps", "smoke detector"],
      de: ["Gaswarner piept", "Rauchmelder piept"],
    },
  },
  {
    kind: "jacket-fired",
    system: "safety",
    urgency: "today",
    safe: ["people"],
    on: (file) =>
      Object.keys(file.places)
        .slice(0, 1)
        .map((place) => ({ key: null, name: null, place })),
    checks: (_file, { place }) => [
      { code: "jacket-spare", place, chance: 0.5, seconds: 60 },
      { code: "jacket-short", place, chance: 0.4, seconds: 30, found: "call" },
    ],
    never: ["jacket-again"],
    asked: {
      en: ["life jacket inflated", "life jacket went off", "jacket indicator red", "jacket cylinder used"],
      de: ["Rettungsweste hat ausgelöst", "Weste aufgeblasen"],
    },
  },
  {
    kind: "extinguisher-low",
    system: "safety",
    urgency: "today",
    safe: ["people", "fire"],
    on: where(({ kind }) => kind === "extinguisher"),
    checks: (_file, { place }) => [{ code: "extinguisher-used", place, chance: 0.9, seconds: 20, found: "call" }],
    never: ["extinguisher-back"],
    asked: {
      en: ["extinguisher needle low", "extinguisher used", "fire extinguisher has no pressure"],
      de: ["Feuerlöscher ohne Druck", "Feuerlöscher benutzt"],
    },
  },
];
