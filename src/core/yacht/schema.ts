import { Type, type Static, type TSchema } from "@sinclair/typebox";
import { pairOf } from "../basics/pair";
import { Words } from "../basics/words";

const closed = { additionalProperties: false } as const;
const strict = <T extends Record<string, TSchema>>(fields: T) => Type.Object(fields, closed);
const oneOf = <const T extends readonly string[]>(values: T) =>
  Type.Unsafe<T[number]>({ type: "string", enum: [...values] });

/** Stable key of a part of the file, made once and never reused. */
export const Key = Type.String({ pattern: "^[a-z0-9]+(-[a-z0-9]+)*$", maxLength: 60 });
const byKey = <T extends TSchema>(part: T) =>
  Type.Record(Type.String({ pattern: "^[a-z0-9]+(-[a-z0-9]+)*$" }), part, closed);

export const systems = [
  "engine", "fuel", "rig-and-sails", "anchoring", "steering", "pilot-and-thruster", "dc-power", "ac-power",
  "fresh-water", "waste", "gas", "bilge", "safety", "tender", "navigation-and-radio", "comfort", "hull-and-deck",
] as const;
export const System = oneOf(systems);
export type System = (typeof systems)[number];

export const Level = oneOf(["deck", "below"] as const);
export type Level = "deck" | "below";
export const Side = oneOf(["port", "starboard", "centre"] as const);
export type Side = "port" | "starboard" | "centre";

/** A point on the plan in metres: aft from the bow, and to starboard of the centreline (port is negative). */
export const Point = pairOf(Type.Number({ minimum: -5, maximum: 60 }), Type.Number({ minimum: -15, maximum: 15 }));
export type Point = [aftM: number, starboardM: number];
const Outline = Type.Array(Point, { minItems: 3, maxItems: 40 });

const Particulars = strict({
  name: Type.String({ minLength: 1, maxLength: 60 }),
  class: Type.String({ minLength: 1, maxLength: 60 }),
  hull: oneOf(["monohull", "catamaran", "day-boat"] as const),
  lengthM: Type.Number({ exclusiveMinimum: 2, maximum: 60 }),
  beamM: Type.Number({ exclusiveMinimum: 1, maximum: 20 }),
  draughtM: Type.Number({ exclusiveMinimum: 0, maximum: 8 }),
  airDraughtM: Type.Number({ exclusiveMinimum: 0, maximum: 80 }),
  displacementKg: Type.Integer({ exclusiveMinimum: 0 }),
  year: Type.Integer({ minimum: 1900, maximum: 2200 }),
  berths: Type.Integer({ minimum: 0, maximum: 40 }),
  maximumAboard: Type.Integer({ minimum: 1, maximum: 60 }),
});

const Place = strict({
  name: Words,
  level: Level,
  side: Side,
  /** what one stands in or opens, drawn on the plan */
  outline: Outline,
  /** how to get there */
  reach: Words,
  /** where it comes in the run of a handover, deck first */
  order: Type.Integer({ minimum: 0 }),
});

const Way = strict({ from: Key, to: Key, seconds: Type.Number({ minimum: 0 }) });

/** What a sailor recognises on the plan at once; drawn, never counted. */
const Furniture = strict({
  kind: oneOf([
    "mast", "boom", "winch", "wheel", "windlass", "hatch", "bunk", "sofa", "table", "galley", "head", "engine", "tank",
    "companionway", "coachroof", "rail", "cockpit", "chart-table", "platform",
  ] as const),
  level: Level,
  outline: Type.Optional(Outline),
  at: Type.Optional(Point),
  sizeM: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 10 })),
});

const Fitting = strict({
  name: Words,
  system: System,
  place: Key,
  kind: oneOf([
    "valve", "seacock", "breaker", "fuse", "switch", "filler", "pump", "gauge", "control", "locker", "extinguisher",
    "battery", "tank", "cut-off", "bung", "lamp",
  ] as const),
  where: Words,
  how: Type.Optional(Words),
});

const Engine = strict({
  name: Words,
  place: Key,
  serviceEveryHours: Type.Number({ exclusiveMinimum: 0 }),
  lastServiceHours: Type.Number({ minimum: 0 }),
  coolingWaterSeconds: Type.Number({ exclusiveMinimum: 0, maximum: 60 }),
  burnLph: Type.Number({ exclusiveMinimum: 0 }),
});

const Tank = strict({
  name: Words,
  holds: oneOf(["fuel", "water", "waste"] as const),
  place: Key,
  capacityL: Type.Number({ exclusiveMinimum: 0, maximum: 5000 }),
  /** one step of its gauge in litres */
  gaugeStepL: Type.Number({ minimum: 0 }),
});

const Battery = strict({
  name: Words,
  place: Key,
  chemistry: oneOf(["lead-acid", "agm", "gel", "lfp"] as const),
  duty: oneOf(["service", "starter"] as const),
  nominalV: Type.Unsafe<12 | 24>({ type: "integer", enum: [12, 24] }),
  capacityAh: Type.Number({ exclusiveMinimum: 0 }),
  limits: Type.Optional(strict({ from: Type.String({ minLength: 1 }), watchBelowV: Type.Number(), stopBelowV: Type.Number() })),
});

const Oddity = strict({ place: Key, system: System, words: Words });

const EmergencyCard = strict({
  title: Words,
  order: Type.Integer({ minimum: 0 }),
  /** shown above the steps, in alarm colours */
  caution: Words,
  steps: Type.Array(Words, { minItems: 1, maxItems: 12 }),
});

/** A class of things a waiver may exclude. */
export const groups = ["deck", "hull", "sails", "engine", "below", "safety", "tender", "underwater", "navigation"] as const;
export const Group = oneOf(groups);
export type Group = (typeof groups)[number];

const InventoryItem = strict({
  name: Words,
  /** where it comes at its place */
  order: Type.Integer({ minimum: 0 }),
  place: Key,
  where: Words,
  system: System,
  group: Group,
  expected: Type.Integer({ minimum: 0, maximum: 9999 }),
  replacementMinor: Type.Integer({ minimum: 0 }),
  boughtOn: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
  lifeMonths: Type.Integer({ minimum: 1, maximum: 1200 }),
  /** missing means that she does not leave */
  safety: Type.Optional(Type.Boolean()),
  /** one for everybody aboard */
  perPerson: Type.Optional(Type.Boolean()),
});

const FunctionTest = strict({
  name: Words,
  /** where it comes at its place */
  order: Type.Integer({ minimum: 0 }),
  place: Key,
  system: System,
  /** what the skipper does, and what must be seen */
  how: Words,
  /** must be tried alongside, or may wait so many hours after leaving the berth */
  when: oneOf(["alongside", "may-wait"] as const),
  waitHours: Type.Optional(Type.Integer({ minimum: 1, maximum: 168 })),
  caution: Type.Optional(Words),
  safety: Type.Optional(Type.Boolean()),
});

const ReadingSpec = strict({
  name: Words,
  /** where it comes at its place */
  order: Type.Integer({ minimum: 0 }),
  place: Key,
  system: System,
  how: Words,
  kind: oneOf(["battery-rest", "engine-oil", "coolant", "fuel", "water", "engine-hours", "dated-item", "extinguisher"] as const),
  /** the engine, tank or battery it belongs to */
  of: Type.Optional(Key),
  safety: Type.Optional(Type.Boolean()),
});

/** A view on which marks are set: the plan from above, or the hull from one side. */
export const surfaces = ["deck", "below", "port-side", "starboard-side", "stern"] as const;
export const Surface = oneOf(surfaces);
export type Surface = (typeof surfaces)[number];

const Look = strict({
  name: Words,
  /** where it comes at its place */
  order: Type.Integer({ minimum: 0 }),
  place: Key,
  system: System,
  group: Group,
  how: Words,
  surface: Surface,
});

/** The yacht file: everything known about one yacht, as one document. */
export const YachtFile = Type.Object(
  {
    schema: Type.Literal("brinecove/yacht-file/1"),
    particulars: Particulars,
    places: byKey(Place),
    ways: byKey(Way),
    furniture: byKey(Furniture),
    fittings: byKey(Fitting),
    engines: byKey(Engine),
    tanks: byKey(Tank),
    batteries: byKey(Battery),
    oddities: byKey(Oddity),
    emergencyCards: byKey(EmergencyCard),
    inventory: byKey(InventoryItem),
    tests: byKey(FunctionTest),
    readings: byKey(ReadingSpec),
    looks: byKey(Look),
  },
  { ...closed, $schema: "https://json-schema.org/draft/2020-12/schema", title: "Brinecove yacht file" },
);
export type YachtFile = Static<typeof YachtFile>;

/** A yacht of a class: what differs from the class's document, as a JSON Merge Patch (RFC 7396). */
export const YachtOfClass = Type.Object(
  {
    schema: Type.Literal("brinecove/yacht-of-class/1"),
    class: Key,
    patch: Type.Record(Type.String(), Type.Unknown()),
  },
  closed,
);
export type YachtOfClass = Static<typeof YachtOfClass>;
