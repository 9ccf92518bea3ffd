import type { YachtFile } from "../../yacht/schema";
import { atFitting, fittingFor, onFitting, partsOf, type CheckSpec, type FaultKind, type Part } from "./kind";

const heads =
  (...kinds: YachtFile["heads"][string]["kind"][]) =>
  (file: YachtFile): readonly Part[] => {
    const of = new Set(Object.values(file.heads).filter(({ kind }) => kinds.includes(kind)));
    return partsOf(file.heads).filter(({ key }) => of.has(headOf(file, key)));
  };
const headOf = (file: YachtFile, key: string | null) =>
  file.heads[key ?? ""] ?? (Object.values(file.heads)[0] as YachtFile["heads"][string]);
const tankOf = (file: YachtFile, { key }: Part) => file.tanks[headOf(file, key).tank ?? ""];

const tankFull = (file: YachtFile, part: Part): readonly CheckSpec[] => {
  const tank = tankOf(file, part);
  return tank === undefined
    ? []
    : [{ code: "holding-is-full", fitting: tank.gauge, place: part.place, chance: 0.25, seconds: 20, found: "call" }];
};

export const wasteFaults: readonly FaultKind[] = [
  {
    kind: "head-blocked",
    system: "waste",
    urgency: "today",
    safe: ["people", "water"],
    on: heads("manual", "electric"),
    checks: (file, part) => {
      const { kind, outlet } = headOf(file, part.key);
      return [
        ...tankFull(file, part).map((check) => ({ ...check, safety: true })),
        ...atFitting(outlet, { code: "outlet-shut", chance: 0.25, seconds: 40 }),
        ...(kind === "electric"
          ? atFitting(fittingFor(file, "head-switch", part.place), {
              code: "head-silent",
              chance: 0.25,
              seconds: 20,
              found: "call",
            })
          : atFitting(fittingFor(file, "head-pump", part.place), { code: "pump-locked", chance: 0.15, seconds: 20 })),
        { code: "paper-in-it", place: part.place, chance: 0.25, seconds: 120, waitMinutes: 20, once: true },
      ];
    },
    never: ["force-head", "chemicals-head"],
    asked: {
      en: ["head blocked", "toilet does not flush", "toilet clogged", "toilet pump will not move"],
      de: ["Toilette verstopft", "WC spült nicht", "Pumpe am WC klemmt"],
    },
  },
  {
    kind: "head-overflows",
    system: "waste",
    urgency: "now",
    safe: ["people", "water"],
    on: heads("manual", "electric"),
    checks: (file, part) => [
      ...atFitting(fittingFor(file, "head-inlet", part.place), {
        ...{ code: "inlet-shut-now", found: "next" as const, chance: 0.3, seconds: 30, safety: true },
      }),
      ...atFitting(fittingFor(file, "head-pump", part.place), { code: "pump-on-flush", chance: 0.4, seconds: 15 }),
      ...tankFull(file, part),
    ],
    never: ["leave-inlet-open"],
    asked: {
      en: ["toilet overflows", "bowl fills by itself", "water rises in the toilet"],
      de: ["WC läuft über", "Wasser steigt in der Toilette"],
    },
  },
  {
    kind: "head-dry",
    system: "waste",
    urgency: "tomorrow",
    safe: [],
    on: heads("manual", "electric"),
    checks: (file, part) => [
      ...atFitting(fittingFor(file, "head-inlet", part.place), { code: "seacock-shut", chance: 0.5, seconds: 30 }),
      ...atFitting(fittingFor(file, "head-pump", part.place), { code: "pump-on-dry", chance: 0.3, seconds: 15 }),
    ],
    never: ["leave-inlet-open"],
    asked: {
      en: ["no water in the toilet", "toilet bowl dry", "toilet draws no water"],
      de: ["kein Wasser in der Toilette", "WC zieht kein Wasser"],
    },
  },
  {
    kind: "holding-full",
    system: "waste",
    urgency: "today",
    safe: ["people"],
    on: (file) => heads("manual", "electric")(file).filter((part) => tankOf(file, part) !== undefined),
    checks: (file, part) => [
      ...atFitting(tankOf(file, part)?.valve, { code: "holding-valve", chance: 0.5, seconds: 40 }),
      ...atFitting(tankOf(file, part)?.filler, { code: "pump-out", chance: 0.3, seconds: 40 }),
    ],
    never: ["pump-on-full", "empty-near-shore"],
    asked: {
      en: ["holding tank full", "waste tank does not empty", "black water tank full"],
      de: ["Fäkalientank voll", "Fäkalientank leert sich nicht"],
    },
  },
  {
    kind: "toilet-portable-full",
    system: "waste",
    urgency: "tomorrow",
    safe: ["people"],
    on: heads("portable"),
    checks: (_file, { place }) => [
      { code: "portable-ashore", place, chance: 0.6, seconds: 30 },
      { code: "portable-slide", place, chance: 0.2, seconds: 20 },
    ],
    never: ["empty-near-shore"],
    asked: {
      en: ["portable toilet full", "toilet does not flush", "toilet smells"],
      de: ["tragbare Toilette voll", "Toilette riecht"],
    },
  },
  {
    kind: "shower-drain",
    system: "waste",
    urgency: "tomorrow",
    safe: ["water"],
    on: onFitting("shower-drain-switch"),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "shower-drain-switch", place), { code: "drain-button", chance: 0.5, seconds: 20 }),
      { code: "hair-in-drain", place, chance: 0.35, seconds: 60 },
    ],
    never: [],
    asked: {
      en: ["shower does not drain", "water stays in the shower", "shower pump does nothing"],
      de: ["Dusche läuft nicht ab", "Duschpumpe geht nicht"],
    },
  },
];
