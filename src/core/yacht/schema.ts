import { Type, type Static } from "@sinclair/typebox";
import { GroundTackle } from "./parts/anchoring";
import { byKey, Key } from "./parts/basics";
import { Gas, Head, Platform, Tender } from "./parts/domestic";
import { Battery, Charger, Generator, Inverter, ShoreCord, Source } from "./parts/electrics";
import { Engine, Tank } from "./parts/engines";
import { Equipment } from "./parts/equipment";
import { Fitting } from "./parts/fittings";
import { FunctionTest, InventoryItem, Look, ReadingSpec, Stop } from "./parts/handover";
import { RunningLine } from "./parts/lines";
import { Particulars } from "./parts/particulars";
import { Furniture, Place, Way } from "./parts/places";
import { EmergencyCard, Oddity, Procedure, Rule } from "./parts/procedures";
import { Reef, Sail } from "./parts/sails";

export { Group, groups, Key, Level, Side, System, systems, type Point } from "./parts/basics";
export { JacketKg, Surface, surfaces } from "./parts/handover";

/** The yacht file: everything known about one yacht, as one document. */
export const YachtFile = Type.Object(
  {
    schema: Type.Literal("brinecove/yacht-file/4"),
    particulars: Particulars,
    places: byKey(Place),
    ways: byKey(Way),
    furniture: byKey(Furniture),
    fittings: byKey(Fitting),
    engines: byKey(Engine),
    tanks: byKey(Tank),
    batteries: byKey(Battery),
    chargers: byKey(Charger),
    generators: byKey(Generator),
    inverters: byKey(Inverter),
    shoreCords: byKey(ShoreCord),
    sources: byKey(Source),
    groundTackle: byKey(GroundTackle),
    sails: byKey(Sail),
    reefs: byKey(Reef),
    lines: byKey(RunningLine),
    heads: byKey(Head),
    gas: byKey(Gas),
    tenders: byKey(Tender),
    platforms: byKey(Platform),
    equipment: byKey(Equipment),
    procedures: byKey(Procedure),
    oddities: byKey(Oddity),
    emergencyCards: byKey(EmergencyCard),
    rules: byKey(Rule),
    inventory: byKey(InventoryItem),
    tests: byKey(FunctionTest),
    readings: byKey(ReadingSpec),
    looks: byKey(Look),
    stops: byKey(Stop),
  },
  {
    additionalProperties: false,
    $schema: "https://json-schema.org/draft/2020-12/schema",
    title: "Brinecove yacht file",
  },
);
export type YachtFile = Static<typeof YachtFile>;

/** A yacht of a class: what differs from the class's document, as a JSON Merge Patch (RFC 7396). */
export const YachtOfClass = Type.Object(
  {
    schema: Type.Literal("brinecove/yacht-of-class/1"),
    class: Key,
    patch: Type.Record(Type.String(), Type.Unknown()),
  },
  { additionalProperties: false },
);
export type YachtOfClass = Static<typeof YachtOfClass>;
