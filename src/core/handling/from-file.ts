import { dragAreaAirM2 } from "../yacht/thumb";
import type { YachtFile } from "../yacht/schema";
import type { Engine, HandledBoat, Rudder, Thruster } from "./schema";

/** Figures of a boat that can be handled, and which of them her file tells: all others are rules of thumb. */
export interface HandledFile {
  boat: HandledBoat;
  /** what rests on a rule, by field: it is told where the figure is used, and a figure that is measured wins */
  byRule: string[];
  /** what her file ought to tell, because no rule knows it: which way a propeller walks */
  asked: string[];
}

/** Work in a litre of diesel at the shaft, kWh: a third of what burns (general practice of the trade). */
const shaftKwhPerL = 3.3;
/** Pull of a yacht's propeller standing still, N a kW at the shaft; astern its share (rule of thumb). */
const pullNPerKw = 140;
const asternShare = 0.65;
/** What a propeller walks with, as a share of its pull astern (rule of thumb). */
const walkShare = 0.15;
/** Pull per kg of a boat whose engine nobody knows the burn of. */
const pullNPerKg = 0.4;

/**
 * A boat to be handled, out of her file. Her engine's top is her own table's, carried on to her highest revs: at the
 * lever that gives a row's revs she settles at that row's speed.
 *
 * @returns null for hulls that the model does not know, and for boats without an engine that is in use
 */
export function handledFrom(file: YachtFile): HandledFile | null {
  const { particulars } = file;
  const { hull, lengthM, beamM, draughtM, displacementKg } = particulars;
  if (hull === "motor-yacht") return null;
  const engines = Object.entries(file.engines).filter(([, { outOfUse }]) => outOfUse === undefined);
  if (engines.length === 0) return null;
  const topKn = topSpeedOf(file);
  const pulls = engines.every(([, { bollardPullN }]) => bollardPullN !== undefined);
  const areaM2 = particulars.dragAreaM2?.air ?? dragAreaAirM2(particulars);
  const thrusters = thrustersOf(file);
  return {
    boat: {
      ...{ hull, lengthM, beamM, draughtM, displacementKg },
      ...(topKn === null ? {} : { topSpeedKn: topKn }),
      engines: engines.map(([id, engine], at) => engineOf(file, id, engine, placeOfEngine(file, at, engines.length))),
      rudders: ruddersOf(file),
      ...(thrusters.length > 0 ? { thrusters } : {}),
      windageM2: { front: areaM2, side: sideAreaM2(file) },
    },
    byRule: [
      ...(topKn === null ? ["topSpeedKn"] : []),
      ...(pulls ? [] : ["thrustAheadN", "thrustAsternN"]),
      ...(particulars.dragAreaM2 ? [] : ["windageM2.front"]),
      ...["windageM2.side", "rudders"],
      ...(thrusters.length > 0 ? ["thrustN"] : []),
    ],
    asked: engines.flatMap(([id, { kind, walksTo }]) =>
      kind === "diesel" && walksTo === undefined ? [`engines.${id}.walksTo`] : [],
    ),
  };
}

type FileEngine = YachtFile["engines"][string];

/** Rows of an engine's table, slowest first. */
const rowsOf = (engine: FileEngine) => (engine.burn ?? []).toSorted((a, b) => a.rpm - b.rpm);

/** Speed at her highest revs, kn: her table carried on by its last stretch; null where she has none. */
export function topSpeedOf({ engines }: Pick<YachtFile, "engines">): number | null {
  const [engine] = Object.values(engines).filter(({ outOfUse }) => outOfUse === undefined);
  const rows = engine ? rowsOf(engine) : [];
  const [before, last] = [rows.at(-2), rows.at(-1)];
  if (!engine || !last) return null;
  const most = engine.maximumRpm ?? last.rpm;
  if (!before) return last.speedKn * (most / last.rpm);
  return last.speedKn + ((last.speedKn - before.speedKn) / (last.rpm - before.rpm)) * Math.max(0, most - last.rpm);
}

function engineOf({ particulars, engines }: YachtFile, id: string, engine: FileEngine, atM: [number, number]): Engine {
  const most = rowsOf(engine).at(-1);
  const share = 1 / Object.keys(engines).length;
  const kw = most ? most.burnLph * shaftKwhPerL * ((engine.maximumRpm ?? most.rpm) / most.rpm) ** 3 : null;
  const ahead =
    engine.bollardPullN?.ahead ??
    Math.round(kw === null ? pullNPerKg * particulars.displacementKg * share : kw * pullNPerKw);
  const astern = engine.bollardPullN?.astern ?? Math.round(ahead * asternShare);
  const side = engine.walksTo === undefined ? 0 : engine.walksTo === "starboard" ? 1 : -1;
  return { id, atM, thrustAheadN: ahead, thrustAsternN: astern, walkN: Math.round(side * walkShare * astern) };
}

/** Where propellers and rudders stand, as shares of length and beam (rules of thumb). */
const propellerAt = { monohull: -0.3, catamaran: -0.36, "day-boat": -0.5 } as const;
const rudderAt = { monohull: -0.41, catamaran: -0.42, "day-boat": -0.48 } as const;
const hullAt = 0.41;
/** Area of a rudder as a share of length times draught. */
const rudderShare = 0.03;
/** How far forward a bow thruster pushes, how far aft one in the stern, as shares of the length; N a square metre of it. */
const tunnelAt = { bow: 0.4, stern: -0.42 } as const;
const tunnelNPerM2 = 4.3;

type Known = keyof typeof propellerAt;

function placeOfEngine({ particulars: { hull, lengthM, beamM } }: YachtFile, at: number, of: number): [number, number] {
  const side = of === 2 ? (at === 0 ? -1 : 1) * hullAt * beamM : 0;
  return [propellerAt[hull as Known] * lengthM, side];
}

function ruddersOf({ particulars: { hull, lengthM, beamM, draughtM } }: YachtFile): Rudder[] {
  const ahead = rudderAt[hull as Known] * lengthM;
  const areaM2 = rudderShare * lengthM * draughtM;
  if (hull !== "catamaran") return [{ atM: [ahead, 0], areaM2 }];
  return [-1, 1].map((side) => ({ atM: [ahead, side * hullAt * beamM] as [number, number], areaM2: areaM2 * 0.6 }));
}

const thrustersOf = ({ fittings, particulars: { lengthM } }: YachtFile): Thruster[] =>
  Object.values(fittings).flatMap(({ purpose, thruster, outOfUse }) =>
    purpose === "thruster-control" && thruster && outOfUse === undefined
      ? [{ id: thruster.end, atM: tunnelAt[thruster.end] * lengthM, thrustN: Math.round(tunnelNPerM2 * lengthM ** 2) }]
      : [],
  );

/** What the wind takes hold of from the side, with drag, m²: topsides and coach roof by the length, mast and furled sails by the air draught. */
function sideAreaM2({ particulars: { hull, lengthM, airDraughtM } }: YachtFile): number {
  const topsides = (hull === "catamaran" ? 0.2 : 0.13) * lengthM ** 2;
  return Math.round((topsides + 0.5 * airDraughtM) * 10) / 10;
}

/** The lever at which she settles at so many revs by her own table, 0 to 1; null where she has none. */
export function leverFor(file: YachtFile, rpm: number): number | null {
  const [engine] = Object.values(file.engines);
  const topKn = topSpeedOf(file);
  const rows = engine ? rowsOf(engine) : [];
  if (!engine || topKn === null || rows.length === 0) return null;
  const points = [{ rpm: 0, speedKn: 0 }, ...rows, { rpm: engine.maximumRpm ?? rows.at(-1)?.rpm ?? 0, speedKn: topKn }];
  const above = points.findIndex((point) => point.rpm >= rpm);
  const [to, from] = [points[above], points[Math.max(0, above - 1)]];
  if (!to || !from) return 1;
  const share = to.rpm === from.rpm ? 1 : (rpm - from.rpm) / (to.rpm - from.rpm);
  return (from.speedKn + share * (to.speedKn - from.speedKn)) / topKn;
}
