import { Type } from "@sinclair/typebox";
import { isDay } from "../core/basics/instant";
import { parseAs, SchemaMismatch } from "./validate";

/** What a boat's data server says of one thing. Signal K speaks SI: seconds, volts, shares of 1. */
export interface BoatDatum {
  valueSi: number;
  /** when the sensor said so, an instant */
  at: string;
}

/** The whole document under `/signalk/v1/api/vessels/self`; what is in it differs from boat to boat. */
const Vessel = Type.Object(
  { uuid: Type.Optional(Type.String()), mmsi: Type.Optional(Type.String()), name: Type.Optional(Type.String()) },
  { additionalProperties: true },
);
const Datum = Type.Object(
  {
    value: Type.Number(),
    timestamp: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(\\.\\d+)?(Z|[+-]\\d{2}:\\d{2})$" }),
  },
  { additionalProperties: true },
);

/**
 * Numbers of a Signal K vessel document by path (`tanks.fuel.main.currentLevel`). A path that is not there, or holds no
 * number of its own, is left out.
 *
 * @throws SchemaMismatch when the document is none, or a number has no time
 */
export function boatDataOf(document: unknown, paths: readonly string[]): Record<string, BoatDatum> {
  const vessel: unknown = parseAs(Vessel, document);
  return Object.fromEntries(
    paths.flatMap((path): [string, BoatDatum][] => {
      const node = path
        .split(".")
        .reduce<unknown>(
          (at, part) =>
            typeof at === "object" && at !== null && Object.hasOwn(at, part)
              ? (at as Record<string, unknown>)[part]
              : undefined,
          vessel,
        );
      if (typeof node !== "object" || node === null || typeof (node as { value?: unknown }).value !== "number")
        return [];
      const { value, timestamp } = parseAs(Datum, node);
      const at = new Date(timestamp);
      if (!isDay(timestamp.slice(0, 10)) || Number.isNaN(at.getTime()))
        throw new SchemaMismatch(`/${path.replaceAll(".", "/")}/timestamp`, "is no time that there is");
      return [[path, { valueSi: value, at: at.toISOString() }]];
    }),
  );
}

/** How the document calls its vessel; null where it does not say. */
export function boatNameOf(document: unknown): string | null {
  return parseAs(Vessel, document).name?.slice(0, 120).trim() || null;
}
