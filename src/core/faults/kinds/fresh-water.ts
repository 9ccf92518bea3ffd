import { localize } from "../../basics/words";
import type { YachtFile } from "../../yacht/schema";
import { atFitting, fittingFor, onFitting, type CheckSpec, type FaultKind, type Part } from "./kind";

const waterTanks = ({ tanks }: YachtFile) => Object.values(tanks).filter(({ holds }) => holds === "water");
const withPump = (file: YachtFile): readonly Part[] => onFitting("water-pump-switch")(file);
/** Where she has several tanks, an empty one is the first thing to think of. */
const emptyTank = (file: YachtFile, chance: number): readonly CheckSpec[] => {
  const tanks = waterTanks(file);
  const gauge = tanks.find((tank) => tank.gauge !== undefined)?.gauge;
  const valve = tanks.find((tank) => tank.valve !== undefined)?.valve;
  return atFitting(gauge ?? valve, {
    ...{ code: tanks.length > 1 ? "tank-change" : "water-out", chance, seconds: 30 },
    figures: { tanks: tanks.length },
  });
};
/** A tap to try, in the galley or wherever her sink is. */
const tapPlace = (file: YachtFile, { place }: Part): string =>
  Object.keys(file.places).find((key) => /galley|pantry/i.test(localize(file.places[key]!.name))) ?? place;

export const waterFaults: readonly FaultKind[] = [
  {
    kind: "no-water",
    system: "fresh-water",
    urgency: "today",
    safe: [],
    on: withPump,
    checks: (file, part) => [
      ...emptyTank(file, 0.36),
      ...atFitting(fittingFor(file, "water-pump-switch"), { code: "switch-off", chance: 0.25, seconds: 10 }),
      ...atFitting(fittingFor(file, "switch-panel"), {
        ...{ code: "panel-breaker", chance: 0.1, seconds: 20, once: true, waitMinutes: 1 },
      }),
      { code: "air-in-water", place: tapPlace(file, part), chance: 0.12, seconds: 60 },
    ],
    never: ["pump-dry"],
    asked: {
      en: [
        "no water at the tap",
        "tap is dry",
        "water tap gives nothing",
        "nothing comes out of the tap",
        "shower without water",
      ],
      de: ["kein Wasser am Hahn", "Dusche ohne Wasser"],
    },
  },
  {
    kind: "water-pump-runs",
    system: "fresh-water",
    urgency: "today",
    safe: ["water"],
    on: withPump,
    checks: (file, part) => [
      ...atFitting(fittingFor(file, "water-pump-switch"), {
        ...{ code: "pump-off-first", found: "next" as const, chance: 0, seconds: 10, safety: true },
      }),
      ...emptyTank(file, 0.4),
      { code: "tap-drips", place: tapPlace(file, part), chance: 0.25, seconds: 60 },
      ...atFitting(fittingFor(file, "deck-shower"), { code: "deck-shower-open", chance: 0.15, seconds: 40 }),
      { code: "fresh-water-below", place: part.place, chance: 0.1, seconds: 90, found: "call" },
    ],
    never: ["pump-dry"],
    asked: {
      en: [
        "water pump does not stop",
        "water pump runs on",
        "water pump starts by itself",
        "pump noise at night",
        "pump goes on by itself",
      ],
      de: ["Wasserpumpe läuft dauernd", "Druckpumpe springt ständig an"],
    },
  },
  {
    kind: "no-hot-water",
    system: "fresh-water",
    urgency: "tomorrow",
    safe: [],
    on: onFitting("water-heater"),
    checks: (file, { place }) => [
      { code: "nothing-heated", place, chance: 0.45, seconds: 15 },
      ...atFitting(fittingFor(file, "ac-panel"), { code: "heater-switch", chance: 0.25, seconds: 15 }),
      ...atFitting(fittingFor(file, "water-heater-valve"), { code: "valve-shut", chance: 0.2, seconds: 40 }),
    ],
    never: ["scald"],
    asked: {
      en: ["no hot water", "water stays cold", "shower cold", "boiler cold"],
      de: ["kein warmes Wasser", "Dusche kalt"],
    },
  },
  {
    kind: "weak-water",
    system: "fresh-water",
    urgency: "tomorrow",
    safe: [],
    on: withPump,
    checks: (file, part) => [
      { code: "tap-strainer", place: tapPlace(file, part), chance: 0.4, seconds: 60 },
      ...emptyTank(file, 0.25),
      { code: "air-in-water", place: tapPlace(file, part), chance: 0.15, seconds: 60 },
    ],
    never: ["pump-dry"],
    asked: {
      en: ["water only trickles", "weak water pressure", "water spits and stops"],
      de: ["Wasser tröpfelt nur", "wenig Wasserdruck"],
    },
  },
  {
    kind: "water-tastes",
    system: "fresh-water",
    urgency: "tomorrow",
    safe: ["people"],
    on: (file) => (waterTanks(file).length > 0 ? withPump(file) : []),
    checks: (file, part) => [
      { code: "salt-taste", place: tapPlace(file, part), chance: 0.15, seconds: 20, safety: true, found: "call" },
      { code: "stood-long", place: tapPlace(file, part), chance: 0.6, seconds: 60 },
    ],
    never: ["drink-doubtful"],
    asked: {
      en: ["water tastes bad", "water smells", "tank water is brown", "salty tap water"],
      de: ["Wasser schmeckt schlecht", "Wasser riecht"],
    },
  },
];
