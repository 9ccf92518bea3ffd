import type { YachtFile } from "../../yacht/schema";
import { atFitting, breaker, fittingFor, type FaultKind, type Part } from "./kind";

const tackle = ({ groundTackle }: YachtFile) =>
  Object.values(groundTackle).find(({ windlass }) => windlass !== undefined);
const withWindlass = (file: YachtFile): readonly Part[] => {
  const place = file.fittings[tackle(file)?.windlass ?? ""]?.place;
  return place === undefined ? [] : [{ key: null, name: null, place }];
};
const helmOf = (file: YachtFile, place: string) => file.fittings[fittingFor(file, "gear-lever") ?? ""]?.place ?? place;

export const anchoringFaults: readonly FaultKind[] = [
  {
    kind: "windlass-dead",
    system: "anchoring",
    urgency: "today",
    safe: ["people", "position"],
    on: withWindlass,
    checks: (file, { place }) => [
      { code: "engine-not-running", place: helmOf(file, place), chance: 0.28, seconds: 10 },
      ...atFitting(fittingFor(file, "windlass-switch"), { code: "switch-off", chance: 0.2, seconds: 15 }),
      ...breaker(file, fittingFor(file, "windlass-breaker"), 0.28),
      ...atFitting(fittingFor(file, "windlass-remote"), { code: "remote-plug", chance: 0.12, seconds: 30 }),
    ],
    never: ["hold-breaker", "hands-at-chain"],
    asked: {
      en: ["windlass dead", "anchor will not come up", "anchor winch does nothing", "anchor button does nothing"],
      de: ["Ankerwinde tot", "Anker kommt nicht hoch", "Ankerwinsch geht nicht"],
    },
  },
  {
    kind: "windlass-slips",
    system: "anchoring",
    urgency: "today",
    safe: ["people", "position"],
    on: withWindlass,
    checks: (file, { place }) => [
      ...atFitting(tackle(file)?.windlass, { code: "clutch-loose", chance: 0.45, seconds: 40 }),
      { code: "chain-off-gypsy", place, chance: 0.25, seconds: 40 },
      { code: "boat-pulls", place, chance: 0.2, seconds: 20 },
    ],
    never: ["hands-at-chain", "stop-running-chain"],
    asked: {
      en: ["windlass turns but the chain slips", "chain jumps on the windlass", "chain runs out"],
      de: ["Kette rutscht", "Kette springt über", "Ankerwinde rutscht durch"],
    },
  },
  {
    kind: "chain-jams",
    system: "anchoring",
    urgency: "today",
    safe: ["people", "position"],
    on: withWindlass,
    checks: (file, { place }) => [
      { code: "relief-still-on", place, chance: 0.3, seconds: 20 },
      { code: "chain-heap", place, chance: 0.45, seconds: 90 },
      { code: "chain-twisted", place, chance: 0.12, seconds: 60 },
    ],
    never: ["hands-at-chain", "hatch-finger"],
    asked: {
      en: ["chain is jammed", "chain does not go out", "chain heap in the locker", "anchor does not go down"],
      de: ["Kette klemmt", "Kette läuft nicht aus", "Anker geht nicht runter"],
    },
  },
];
