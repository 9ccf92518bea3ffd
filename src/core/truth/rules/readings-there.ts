import type { YachtFile } from "../../yacht/schema";
import type { Found } from "../finding";
import { nameWords } from "../things";
import type { TruthRule } from "./rule";

type Reading = YachtFile["readings"][string];
/** Where something can be read, and the fact that says so. */
type Spot = readonly [place: string | undefined, fact: string];

const fitting = (file: YachtFile, key: string | undefined): Spot[] =>
  key !== undefined && file.fittings[key] ? [[file.fittings[key].place, `/fittings/${key}/place`]] : [];
const fittings = (file: YachtFile, is: (part: YachtFile["fittings"][string], key: string) => boolean): Spot[] =>
  Object.entries(file.fittings).flatMap(([key, part]): Spot[] =>
    is(part, key) ? [[part.place, `/fittings/${key}/place`]] : [],
  );
const engineAt = (file: YachtFile, of: string | undefined): Spot[] => {
  const part = of === undefined ? undefined : (file.engines[of] ?? file.generators[of]);
  return part ? [[part.place, `/${file.engines[of!] ? "engines" : "generators"}/${of}/place`]] : [];
};
const tankAt = (file: YachtFile, of: string | undefined): Spot[] => {
  const tank = of === undefined ? undefined : file.tanks[of];
  if (!tank) return [];
  // a gauge is read where it is; without one, at the tank or its valve
  const gauge = fitting(file, tank.gauge);
  return gauge.length > 0 ? gauge : [[tank.place, `/tanks/${of}/place`], ...fitting(file, tank.valve)];
};
const raftAt = (file: YachtFile): Spot[] => fittings(file, ({ kind }) => kind === "life-raft");
const banks = (file: YachtFile, { of }: Reading): Spot[] => [
  ...fittings(file, ({ kind, system }) => kind === "gauge" && system === "dc-power"),
  ...(of !== undefined && file.batteries[of] ? [[file.batteries[of].place, `/batteries/${of}/place`] as Spot] : []),
];
/** Over the side: what comes out there is seen from any place on deck. */
const onDeck = (file: YachtFile): Spot[] =>
  Object.entries(file.places).flatMap(([key, { level }]): Spot[] =>
    level === "deck" ? [[key, `/places/${key}/level`]] : [],
  );
const ofMatter = (file: YachtFile, { matter }: Reading): Spot[] =>
  matter === undefined
    ? []
    : Object.entries(file.inventory).flatMap(([key, item]): Spot[] =>
        item.matter === matter ? [[item.place, `/inventory/${key}/place`]] : [],
      );
const namedAs = (file: YachtFile, { name }: Reading): Spot[] => {
  const words = nameWords((name.en ?? "").split(",")[0] ?? "");
  if (words.includes("raft")) return raftAt(file);
  return Object.entries(file.inventory).flatMap(([key, item]): Spot[] => {
    const own = nameWords((item.name.en ?? "").split(",")[0] ?? "");
    return own.length > 0 && own.every((word) => words.includes(word)) ? [[item.place, `/inventory/${key}/place`]] : [];
  });
};

/** Where each kind of reading can be taken; a kind that can be read anywhere is not here. */
const spots: Partial<Record<Reading["kind"], (file: YachtFile, reading: Reading) => Spot[]>> = {
  "engine-oil": (file, { of }) => engineAt(file, of),
  "gearbox-oil": (file, { of }) => engineAt(file, of),
  coolant: (file, { of }) => engineAt(file, of),
  belt: (file, { of }) => engineAt(file, of),
  strainer: (file, { of }) => engineAt(file, of),
  "engine-hours": (file, { of }) =>
    of !== undefined && file.generators[of]
      ? fittings(file, ({ name, kind }) => kind === "control" && /generator/i.test(name.en ?? ""))
      : [
          ...fittings(
            file,
            ({ name, kind, system }) => kind === "control" && system === "engine" && /panel/i.test(name.en ?? ""),
          ),
          ...engineAt(file, of),
        ],
  "battery-rest": banks,
  "battery-cranking": banks,
  charging: banks,
  "loaded-volts": banks,
  "state-of-charge": banks,
  "shaft-drip": (file, { of }) => engineAt(file, of),
  "cooling-water": onDeck,
  "exhaust-smoke": onDeck,
  fuel: (file, { of }) => tankAt(file, of),
  water: (file, { of }) => tankAt(file, of),
  "holding-tank": (file, { of }) => tankAt(file, of),
  gas: (file) => Object.entries(file.gas).map(([key, gas]): Spot => [gas.locker, `/gas/${key}/locker`]),
  bilge: (file) =>
    fittings(
      file,
      (part) =>
        part.system === "bilge" &&
        ["pump", "switch"].includes(part.kind) &&
        part.handle === undefined &&
        /float|electric/i.test(part.name.en ?? ""),
    ),
  "dated-item": (file, reading) => {
    if (reading.system === "gas")
      return Object.entries(file.gas).map(([key, gas]): Spot => [gas.locker, `/gas/${key}/locker`]);
    const named = namedAs(file, reading);
    return named.length > 0 ? named : ofMatter(file, reading);
  },
  extinguisher: namedAs,
};

/** A reading is taken where its gauge, its tank or its thing is. */
export const readingsThere: TruthRule = {
  name: "readings-there",
  find: ({ file }) =>
    Object.entries(file.readings).flatMap(([key, reading]): Found[] => {
      const there = spots[reading.kind]?.(file, reading) ?? [];
      return there.length === 0 || there.some(([place]) => place === reading.place)
        ? []
        : [{ path: `/readings/${key}/how`, code: "place-differs", fact: there[0]![1] }];
    }),
};
