import type { YachtFile } from "../../yacht/schema";
import { atFitting, type CheckSpec, fittingFor, type FaultKind, type Part } from "./kind";

const gasOf = ({ gas }: YachtFile) => Object.values(gas)[0];
const withStove = (file: YachtFile): readonly Part[] => {
  const place = file.fittings[fittingFor(file, "stove") ?? ""]?.place;
  return gasOf(file) === undefined || place === undefined ? [] : [{ key: null, name: null, place }];
};
/** Whatever is wrong with the stove: gas that can be smelt comes first. */
const smell = (place: string): CheckSpec => ({
  ...{ code: "smell-gas", place, chance: 0.02, seconds: 10, safety: true },
  found: { card: "gas" },
});
const bottleEmpty = (file: YachtFile, chance: number): readonly CheckSpec[] =>
  atFitting(gasOf(file)?.bottleValve, {
    ...{ code: (gasOf(file)?.bottles ?? 1) > 1 ? "bottle-change" : "bottle-only", chance, seconds: 60 },
    found: (gasOf(file)?.bottles ?? 1) > 1 ? "cure" : "call",
  });

export const gasFaults: readonly FaultKind[] = [
  {
    kind: "gas-no-flame",
    system: "gas",
    urgency: "tomorrow",
    safe: ["people", "gas"],
    on: withStove,
    checks: (file, { place }) => [
      smell(place),
      ...atFitting(gasOf(file)?.bottleValve, { code: "bottle-shut", chance: 0.3, seconds: 40 }),
      ...atFitting(gasOf(file)?.tap, { code: "gas-tap-shut", chance: 0.25, seconds: 15 }),
      { code: "held-short", place, chance: 0.15, seconds: 20 },
      ...bottleEmpty(file, 0.2),
    ],
    never: ["gas-fittings", "light-late"],
    asked: {
      en: ["gas will not light", "stove has no gas", "no flame at the cooker", "oven stays cold"],
      de: ["Herd geht nicht an", "kein Gas am Kocher"],
    },
  },
  {
    kind: "gas-flame-dies",
    system: "gas",
    urgency: "tomorrow",
    safe: ["people", "gas"],
    on: withStove,
    checks: (_file, { place }) => [
      smell(place),
      { code: "held-short", place, chance: 0.6, seconds: 20 },
      { code: "draught", place, chance: 0.2, seconds: 20 },
    ],
    never: ["gas-fittings", "light-late"],
    asked: {
      en: ["flame goes out", "burner dies when the knob is let go", "flame does not stay"],
      de: ["Flamme geht aus", "Brenner bleibt nicht an"],
    },
  },
  {
    kind: "gas-low",
    system: "gas",
    urgency: "tomorrow",
    safe: ["people", "gas"],
    on: withStove,
    checks: (file, { place }) => [smell(place), ...bottleEmpty(file, 0.8)],
    never: ["gas-fittings"],
    asked: {
      en: ["gas is running out", "gas bottle empty", "flame gets smaller", "how much gas is left"],
      de: ["Gas wird knapp", "Gasflasche leer"],
    },
  },
  {
    kind: "gas-yellow",
    system: "gas",
    urgency: "now",
    safe: ["people", "gas"],
    on: withStove,
    checks: (_file, { place }) => [
      smell(place),
      { code: "dizzy", place, chance: 0.05, seconds: 5, safety: true, found: { card: "casualty" } },
      { code: "sooty-flame", place, chance: 0.8, seconds: 10, found: "licensed" },
    ],
    never: ["gas-fittings", "cook-to-heat"],
    asked: {
      en: ["yellow flame", "flame makes soot", "pots get black"],
      de: ["gelbe Flamme", "Flamme rußt"],
    },
  },
];
