import type { Span } from "../basics/span";
import type { Words } from "../basics/words";
import type { YachtFile } from "./schema";

/** What a figure is of; its word stands in the catalogue. */
export const figureIds = [
  "length",
  "beam",
  "draught",
  "air-draught",
  "displacement",
  "maximum-aboard",
  "limited-speed",
  "call-sign",
  "mmsi",
  "dsc",
  "registration",
  "depth-from",
  "depth-offset",
  "fuel",
  "water",
  "waste",
  "cruising-burn",
  "maximum-rpm",
  "charging-rpm",
  "chain",
  "sail",
  "battery",
  "cord",
] as const;
export type FigureId = (typeof figureIds)[number];

/** In what a figure is given. */
export type FigureUnit =
  "m" | "kg" | "people" | "kn" | "l" | "l-per-hour" | "rpm" | "m2" | "ah" | "a" | "text" | "dsc" | "depth";

/** One figure of a yacht, as a skipper asks for it. */
export interface SheetFigure {
  id: FigureId;
  /** which one, where she has several: a tank's own name, a sail's */
  of: Words | null;
  /** a number; a word of the file for a call sign; a code for what stands in the catalogue */
  value: Span | string;
  unit: FigureUnit;
}

/** Her figures as a skipper asks for them, in the order of a sheet: hull, speeds, radio and depth, tanks, engines, ground tackle, sails, current. What her file does not hold is not in it. */
export function figuresSheet(file: YachtFile): SheetFigure[] {
  const { particulars } = file;
  const one = (
    id: FigureId,
    value: Span | string | undefined,
    unit: FigureUnit,
    of: Words | null = null,
  ): SheetFigure[] => (value === undefined ? [] : [{ id, of, value, unit }]);
  return [
    ...one("length", particulars.lengthM, "m"),
    ...one("beam", particulars.beamM, "m"),
    ...one("draught", particulars.draughtM, "m"),
    ...one("air-draught", particulars.airDraughtM, "m"),
    ...one("displacement", particulars.displacementKg, "kg"),
    ...one("maximum-aboard", particulars.maximumAboard, "people"),
    ...one("limited-speed", particulars.limitedSpeedKn, "kn"),
    ...one("call-sign", particulars.radio?.callSign, "text"),
    ...one("mmsi", particulars.radio?.mmsi, "text"),
    ...one("dsc", particulars.radio?.dsc, "dsc"),
    ...one("registration", particulars.registration, "text"),
    ...one("depth-from", particulars.depth?.from, "depth"),
    ...one("depth-offset", particulars.depth?.offsetM, "m"),
    ...(["fuel", "water", "waste"] as const).flatMap((holds) =>
      parts(file.tanks)
        .filter((tank) => tank.holds === holds)
        .flatMap((tank) => one(holds, tank.capacityL, "l", tank.name)),
    ),
    ...parts(file.engines).flatMap((engine) => [
      ...one("cruising-burn", engine.burnLph, "l-per-hour", engine.name),
      ...one("maximum-rpm", engine.maximumRpm, "rpm", engine.name),
      ...one("charging-rpm", engine.chargingRpm, "rpm", engine.name),
    ]),
    ...parts(file.groundTackle).flatMap((tackle) => one("chain", tackle.chainM, "m", tackle.name)),
    ...parts(file.sails).flatMap((sail) => one("sail", sail.areaM2, "m2", sail.name)),
    ...parts(file.batteries).flatMap((battery) => one("battery", battery.capacityAh, "ah", battery.name)),
    ...parts(file.shoreCords).flatMap((cord) => one("cord", cord.currentA, "a", cord.name)),
  ];
}

/** Parts of a collection by their keys, which do not change. */
const parts = <T>(collection: Readonly<Record<string, T>>): T[] =>
  Object.entries(collection)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, part]) => part);
