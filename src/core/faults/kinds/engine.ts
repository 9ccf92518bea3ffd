import type { YachtFile } from "../../yacht/schema";
import { atFitting, fittingFor, fuse, partsOf, type CheckSpec, type FaultKind, type Part } from "./kind";

type Engine = YachtFile["engines"][string];

/** An engine is worked from where its lever is. */
const on =
  (...kinds: Engine["kind"][]) =>
  (file: YachtFile): readonly Part[] =>
    partsOf(Object.fromEntries(Object.entries(file.engines).filter(([, { kind }]) => kinds.includes(kind))));
const engineOf = (file: YachtFile, { key }: Part): Engine | undefined =>
  file.engines[key ?? ""] ?? Object.values(file.engines)[0];
const helm = (file: YachtFile, { place }: Part): string =>
  file.fittings[fittingFor(file, "gear-lever") ?? ""]?.place ?? place;

const diesel = on("diesel");
const cooling = (file: YachtFile, { place }: Part): readonly CheckSpec[] => [
  ...atFitting(fittingFor(file, "raw-water-seacock", place), { code: "seacock-shut", chance: 0.35, seconds: 30 }),
  ...atFitting(fittingFor(file, "raw-water-strainer", place), { code: "strainer-full", chance: 0.25, seconds: 150 }),
];

export const engineFaults: readonly FaultKind[] = [
  {
    kind: "engine-no-start",
    system: "engine",
    urgency: "today",
    safe: ["people", "position", "device"],
    on: diesel,
    checks: (file, part) => [
      ...atFitting(fittingFor(file, "gear-lever"), { code: "not-neutral", chance: 0.26, seconds: 10 }),
      ...atFitting(fittingFor(file, "engine-battery-switch", part.place), {
        ...{ code: "switch-off", chance: 0.2, seconds: 20 },
      }),
      { code: "stop-pulled", place: helm(file, part), chance: 0.06, seconds: 10 },
      {
        ...{ code: "starter-flat", place: helm(file, part), chance: 0.18, seconds: 20, found: "call" },
        after: fittingFor(file, "engine-battery-switch", part.place) ? ["switch-off"] : [],
      },
      ...atFitting(fittingFor(file, "fuel-shut-off", part.place), { code: "fuel-shut", chance: 0.1, seconds: 30 }),
      { code: "no-fuel-left", place: helm(file, part), chance: 0.06, seconds: 20, found: "call" },
    ],
    never: ["crank-long", "ether"],
    asked: {
      en: ["the engine will not start", "starter only clicks", "key turned and nothing", "motor dead"],
      de: ["Motor springt nicht an", "Anlasser klickt nur", "Maschine startet nicht"],
    },
  },
  {
    kind: "outboard-main-no-start",
    system: "engine",
    urgency: "today",
    safe: ["people", "position"],
    on: on("petrol-outboard"),
    checks: (file, part) => [
      ...atFitting(fittingFor(file, "kill-cord"), { code: "kill-cord", chance: 0.26, seconds: 10 }),
      ...atFitting(fittingFor(file, "gear-lever"), { code: "not-neutral", chance: 0.14, seconds: 10 }),
      ...atFitting(fittingFor(file, "fuel-shut-off"), { code: "fuel-shut", chance: 0.14, seconds: 20 }),
      { code: "tank-vent", place: part.place, chance: 0.12, seconds: 20 },
      ...atFitting(fittingFor(file, "fuel-bulb"), { code: "bulb-soft", chance: 0.1, seconds: 30 }),
      ...atFitting(fittingFor(file, "choke"), { code: "choke", chance: 0.12, seconds: 20 }),
      { code: "no-petrol", place: part.place, chance: 0.06, seconds: 30 },
    ],
    never: ["petrol-spark"],
    asked: {
      en: ["the engine will not start", "motor dead", "outboard at the stern does not start"],
      de: ["Motor springt nicht an", "Außenborder startet nicht"],
    },
  },
  {
    kind: "engine-no-cooling-water",
    system: "engine",
    urgency: "now",
    safe: ["people", "position", "device"],
    on: diesel,
    checks: (file, part) => [
      ...cooling(file, part),
      { code: "intake-bag", place: helm(file, part), chance: 0.1, seconds: 90 },
      {
        ...{ code: "impeller", place: helm(file, part), chance: 0.25, seconds: 30, found: "call" },
        after: cooling(file, part).map(({ code }) => code),
      },
    ],
    never: ["run-without-water", "coolant-hot"],
    asked: {
      en: ["no cooling water", "no water out of the exhaust", "exhaust runs dry and loud"],
      de: ["kein Kühlwasser", "kein Wasser aus dem Auspuff"],
    },
  },
  {
    kind: "outboard-no-jet",
    system: "engine",
    urgency: "now",
    safe: ["people", "position", "device"],
    on: on("petrol-outboard"),
    checks: (file) =>
      atFitting(fittingFor(file, "cooling-jet"), { code: "jet-blocked", chance: 0.5, seconds: 60 }).concat({
        code: "leg-weed",
        place: file.fittings[fittingFor(file, "cooling-jet") ?? ""]?.place,
        chance: 0.3,
        seconds: 60,
      }),
    never: ["run-without-water"],
    asked: {
      en: ["no cooling jet", "no water out of the outboard", "outboard gets hot"],
      de: ["kein Kühlstrahl", "Außenborder wird heiß"],
    },
  },
  {
    kind: "engine-overheats",
    system: "engine",
    urgency: "now",
    safe: ["people", "position", "device"],
    on: diesel,
    checks: (file, part) => [
      {
        ...{ code: "exhaust-dry", place: helm(file, part), chance: 0.5, seconds: 20, safety: true },
        found: { fault: "engine-no-cooling-water" },
      },
      ...atFitting(fittingFor(file, "alternator-belt", part.place), {
        ...{ code: "belt-gone", chance: 0.2, seconds: 60, found: "call" as const },
      }),
      ...atFitting(fittingFor(file, "coolant", part.place), {
        ...{ code: "coolant-low", chance: 0.2, seconds: 60, found: "call" as const },
      }),
    ],
    never: ["coolant-hot", "run-hot"],
    asked: {
      en: ["the engine overheats", "temperature alarm", "steam from the engine", "engine is too hot"],
      de: ["Motor wird zu heiß", "Temperaturalarm"],
    },
  },
  {
    kind: "engine-will-not-stop",
    system: "engine",
    urgency: "today",
    safe: ["people", "position"],
    on: diesel,
    checks: (file, part) => {
      const { stopHoldSeconds } = engineOf(file, part) ?? {};
      return [
        stopHoldSeconds === undefined
          ? { code: "stop-again", found: "worked" as const, place: helm(file, part), chance: 0.4, seconds: 20 }
          : {
              ...{ code: "stop-hold", found: "worked" as const, place: helm(file, part), chance: 0.4, seconds: 20 },
              figures: { seconds: stopHoldSeconds },
            },
        ...atFitting(fittingFor(file, "engine-stop", part.place), {
          code: "stop-by-hand",
          found: "worked" as const,
          chance: 0.35,
          seconds: 30,
        }),
        ...atFitting(fittingFor(file, "fuel-shut-off", part.place), {
          ...{ code: "stop-by-fuel", found: "worked" as const, chance: 0.2, seconds: 60 },
        }),
      ];
    },
    never: ["battery-off-running"],
    asked: {
      en: ["the engine will not stop", "motor does not switch off", "cannot switch the engine off", "engine runs on"],
      de: ["Motor geht nicht aus", "Maschine läuft weiter"],
    },
  },
  {
    kind: "engine-no-drive",
    system: "engine",
    urgency: "now",
    safe: ["people", "position"],
    on: diesel,
    checks: (file, part) => [
      ...atFitting(fittingFor(file, "gear-lever"), { code: "not-in-gear", chance: 0.35, seconds: 10 }),
      {
        ...{ code: "line-in-propeller", place: helm(file, part), chance: 0.3, seconds: 40, safety: true },
        found: { card: "fouled-propeller" },
      },
      { code: "shaft-still", place: part.place, chance: 0.25, seconds: 60, found: "call" },
    ],
    never: ["hands-near-shaft"],
    asked: {
      en: ["engine turns but the boat stays", "no drive", "gear does not go in", "propeller does nothing"],
      de: ["kein Vortrieb", "Gang geht nicht rein"],
    },
  },
  {
    kind: "engine-charge-lamp",
    system: "engine",
    urgency: "today",
    safe: ["position"],
    on: diesel,
    checks: (file, part) => {
      const { chargingRpm } = engineOf(file, part) ?? {};
      const rpm = typeof chargingRpm === "number" ? chargingRpm : chargingRpm?.from;
      return [
        ...atFitting(fittingFor(file, "alternator-belt", part.place), {
          ...{ code: "belt-gone", chance: 0.4, seconds: 60, safety: true, found: "call" as const },
        }),
        ...(rpm === undefined
          ? []
          : [
              {
                code: "rev-once",
                found: "worked" as const,
                place: helm(file, part),
                chance: 0.3,
                seconds: 20,
                figures: { rpm },
              },
            ]),
        ...fuse(fittingFor(file, "alternator-fuse", part.place), 0.1),
      ];
    },
    never: ["belt-running"],
    asked: {
      en: ["charge lamp stays on", "battery lamp on the engine panel", "alternator does not charge"],
      de: ["Ladelampe leuchtet", "Lichtmaschine lädt nicht"],
    },
  },
];
