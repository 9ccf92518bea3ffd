import type { YachtFile } from "../../yacht/schema";
import { atFitting, breaker, fittingFor, fuse, onFitting, partsOf, type FaultKind, type Part } from "./kind";

const withCord = (file: YachtFile): readonly Part[] => {
  const inlet = Object.values(file.shoreCords)[0]?.inlet;
  const place = file.fittings[inlet ?? ""]?.place;
  return place === undefined ? [] : [{ key: null, name: null, place }];
};
const generators = ({ generators }: YachtFile) => partsOf(generators);
const generatorOf = (file: YachtFile, { key }: Part) => file.generators[key ?? ""] ?? Object.values(file.generators)[0];
const panelPlace = (file: YachtFile, { place }: Part) =>
  file.fittings[fittingFor(file, "generator-panel") ?? ""]?.place ?? place;

export const acFaults: readonly FaultKind[] = [
  {
    kind: "no-shore-power",
    system: "ac-power",
    urgency: "tomorrow",
    safe: ["people", "water"],
    on: withCord,
    checks: (file, { place }) => [
      { code: "plug-wet", place, chance: 0.03, seconds: 10, safety: true, found: "licensed" },
      ...atFitting(fittingFor(file, "polarity-lamp"), {
        ...{ code: "polarity-lit", chance: 0.05, seconds: 10, safety: true, found: "call" },
      }),
      { code: "quay-breaker", place, chance: 0.33, seconds: 60 },
      { code: "plug-not-home", place, chance: 0.22, seconds: 30 },
      ...breaker(file, fittingFor(file, "shore-breaker"), 0.18),
      ...atFitting(fittingFor(file, "source-selector"), { code: "selector-wrong", chance: 0.08, seconds: 10 }),
      ...atFitting(fittingFor(file, "ac-panel"), { code: "panel-switch", chance: 0.08, seconds: 15 }),
    ],
    never: ["open-ac", "wet-plug"],
    asked: {
      en: ["no shore power", "plugged in and nothing comes", "sockets dead in port", "shore charger is off"],
      de: ["kein Landstrom", "Steckdosen tot im Hafen"],
    },
  },
  {
    kind: "generator-no-start",
    system: "ac-power",
    urgency: "today",
    safe: ["people"],
    on: generators,
    checks: (file, part) => [
      ...atFitting(generatorOf(file, part)?.seacock, { code: "seacock-shut", chance: 0.15, seconds: 30 }),
      ...atFitting(fittingFor(file, "generator-panel"), { code: "generator-primed", chance: 0.4, seconds: 30 }),
      { code: "generator-fuel", place: panelPlace(file, part), chance: 0.2, seconds: 20 },
      ...fuse(fittingFor(file, "generator-fuse", part.place), 0.15),
    ],
    never: ["crank-generator", "open-ac"],
    asked: {
      en: ["generator will not start", "genset dead", "generator does not turn"],
      de: ["Generator startet nicht"],
    },
  },
  {
    kind: "generator-stops",
    system: "ac-power",
    urgency: "today",
    safe: ["people", "fire"],
    on: generators,
    checks: (file, part) => [
      ...atFitting(generatorOf(file, part)?.seacock, { code: "seacock-shut", chance: 0.35, seconds: 30 }),
      ...atFitting(fittingFor(file, "generator-strainer", part.place), {
        ...{ code: "strainer-full", chance: 0.25, seconds: 150 },
      }),
      { code: "generator-load", place: panelPlace(file, part), chance: 0.2, seconds: 30 },
      { code: "generator-fuel", place: panelPlace(file, part), chance: 0.12, seconds: 20 },
    ],
    never: ["run-without-water", "open-ac"],
    asked: {
      en: ["generator stops by itself", "genset cuts out", "generator alarm", "generator trips"],
      de: ["Generator geht aus", "Generator schaltet ab"],
    },
  },
  {
    kind: "generator-no-current",
    system: "ac-power",
    urgency: "tomorrow",
    safe: ["people"],
    on: generators,
    checks: (file) => [
      ...atFitting(fittingFor(file, "source-selector"), { code: "selector-wrong", chance: 0.5, seconds: 10 }),
      ...atFitting(fittingFor(file, "ac-panel"), { code: "panel-switch", chance: 0.3, seconds: 15 }),
    ],
    never: ["open-ac"],
    asked: {
      en: ["generator runs but no power", "generator gives no electricity", "sockets dead with the generator on"],
      de: ["Generator läuft, aber kein Strom"],
    },
  },
  {
    kind: "inverter-off",
    system: "ac-power",
    urgency: "tomorrow",
    safe: ["people"],
    on: ({ inverters }) => partsOf(inverters),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "inverter-switch"), { code: "switch-off", chance: 0.4, seconds: 10 }),
      {
        ...{ code: "inverter-load", chance: 0.3, seconds: 30 },
        place: file.fittings[fittingFor(file, "inverter-switch") ?? ""]?.place ?? place,
      },
      ...atFitting(fittingFor(file, "battery-meter"), { code: "bank-flat", chance: 0.2, seconds: 15 }),
    ],
    never: ["open-ac"],
    asked: {
      en: ["inverter off", "no mains at sea", "coffee machine dead under way", "sockets dead at anchor"],
      de: ["Inverter aus", "keine 230 Volt unterwegs"],
    },
  },
  {
    kind: "polarity",
    system: "ac-power",
    urgency: "today",
    safe: ["people"],
    on: onFitting("polarity-lamp"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "polarity-lamp"), {
        ...{ code: "polarity-here", chance: 0.6, seconds: 60 },
      }),
      { code: "adapter-between", place, chance: 0.3, seconds: 30, found: "call" },
    ],
    never: ["open-ac", "wet-plug"],
    asked: {
      en: ["polarity lamp lit", "red lamp when plugged in", "reverse polarity"],
      de: ["Polaritätslampe leuchtet", "rote Lampe am Landstrom"],
    },
  },
];
