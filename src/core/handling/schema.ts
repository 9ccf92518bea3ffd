import { Type, type Static } from "@sinclair/typebox";
import { pairOf } from "../basics/pair";
import { amount, fields, figure, name, positive } from "../planners/quantity";
import { oneOf } from "../yacht/parts/basics";

/** A point of the boat: ahead and to starboard of midships, m. */
const BoatPoint = pairOf(figure(), figure());
/** A point of the harbour: east and north, m. */
const ShorePoint = pairOf(figure(), figure());

const Engine = fields({
  id: Type.Optional(name()),
  atM: BoatPoint,
  /** pulls standing still, at full revs */
  thrustAheadN: amount(),
  thrustAsternN: amount(),
  /** sideways force at the propeller at full revs astern, to starboard */
  walkN: figure(),
});
export type Engine = Static<typeof Engine>;

const Rudder = fields({ atM: BoatPoint, areaM2: amount(), inWash: Type.Optional(Type.Boolean()) });
export type Rudder = Static<typeof Rudder>;

const Thruster = fields({ id: name(), atM: figure(), thrustN: amount() });
export type Thruster = Static<typeof Thruster>;

/** What a boat is by its figures. */
export const HandledBoat = fields({
  lengthM: positive(),
  beamM: positive(),
  draughtM: positive(),
  displacementKg: positive(),
  engines: Type.Array(Engine, { maxItems: 8 }),
  rudders: Type.Optional(Type.Array(Rudder, { maxItems: 8 })),
  thrusters: Type.Optional(Type.Array(Thruster, { maxItems: 8 })),
  /** drag areas, coefficient included, of hull, rig and furled sails */
  windageM2: fields({ front: amount(), side: amount() }),
  hull: Type.Optional(oneOf(["monohull", "catamaran", "day-boat"] as const)),
  topSpeedKn: Type.Optional(positive()),
});
export type HandledBoat = Static<typeof HandledBoat>;

const HandledLine = fields({
  id: name(),
  boatAtM: BoatPoint,
  shoreAtM: ShorePoint,
  /** unstretched */
  lengthM: positive(),
  strengthN: Type.Optional(positive()),
});
export type HandledLine = Static<typeof HandledLine>;

const Action = fields({
  at: amount(),
  /** `lever`, `lever:ID`, `wheel`, `thruster:ID`, `line:ID` */
  control: name(),
  to: Type.Optional(figure()),
  do: Type.Optional(oneOf(["slip", "make-fast"] as const)),
});
export type HandlingAction = Static<typeof Action>;

/** A boat, where she lies, what acts on her and what is done. */
export const HandlingInput = fields({
  boat: HandledBoat,
  wind: Type.Optional(fields({ fromDeg: figure(), kn: amount() })),
  current: Type.Optional(fields({ toDeg: figure(), kn: amount() })),
  start: fields({
    x: Type.Optional(figure()),
    y: Type.Optional(figure()),
    headingDeg: figure(),
    speedKn: Type.Optional(figure()),
  }),
  quay: Type.Optional(Type.Array(Type.Array(ShorePoint, { minItems: 2, maxItems: 200 }), { maxItems: 50 })),
  lines: Type.Optional(Type.Array(HandledLine, { maxItems: 40 })),
  actions: Type.Array(Action, { maxItems: 5000 }),
  until: Type.Number({ minimum: 0, maximum: 1200 }),
  stepS: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 0.1 })),
});
export type HandlingInput = Static<typeof HandlingInput>;

/** Where she is and how she moves over the ground. */
export interface TrackRow {
  at: number;
  x: number;
  y: number;
  headingDeg: number;
  /** ahead and to starboard, m/s */
  u: number;
  v: number;
  /** clockwise, degrees a second */
  r: number;
  /** kinetic energy through the water, added mass included, and what lines and fenders store */
  energyJ: number;
}

export interface HandlingEvent {
  at: number;
  code: "touch" | "struck" | "line-taut" | "line-broken";
  speedMs: number;
  /** of a line: its id */
  of?: string;
}

export interface Handled {
  track: TrackRow[];
  events: HandlingEvent[];
}
