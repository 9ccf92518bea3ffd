import { BaseBuilder, buildGPX } from "gpx-builder";
import Papa from "papaparse";
import type { DayEntry } from "../core/underway/log/entry";
import { logPoints } from "../core/underway/log/export";

const { Metadata, Point } = BaseBuilder.MODELS;

/** The places of a boat's log as GPX 1.1: one track through them, and each as a point with its words. */
export function logGpx(name: string, log: readonly DayEntry[]): string {
  const points = logPoints(log).map(
    ({ at, lon, lat, words }) => new Point(lat, lon, { time: new Date(at), ...(words === "" ? {} : { name: words }) }),
  );
  const gpx = new BaseBuilder();
  gpx.setMetadata(new Metadata({ name }));
  if (points.length > 0) gpx.setWayPoints(points).setSegmentPoints(points);
  return buildGPX(gpx.toObject());
}

/** A boat's log as CSV: one row for each entry, and of a round one for each thing that was looked at or read. */
export function logCsv(log: readonly DayEntry[]): string {
  const fields = ["at", "kind", "what", "value", "words", "lat", "lon"];
  return Papa.unparse({ fields, data: log.flatMap(rowsOf) }, { escapeFormulae: true });
}

type Row = (string | number)[];

function rowsOf(entry: DayEntry): Row[] {
  const { at, kind } = entry;
  switch (kind) {
    case "note":
      return [[at, kind, "", "", entry.words, "", ""]];
    case "fuelled":
      return [[at, kind, "litres", entry.litres, "", "", ""]];
    case "position":
      return [[at, kind, "", "", entry.words, entry.lat, entry.lon]];
    case "tonight":
      return [[at, kind, "until", entry.until, entry.where, entry.lat ?? "", entry.lon ?? ""]];
    case "round":
      return [
        ...entry.looks.map(({ look, isFine, words }): Row => [at, kind, look, isFine ? "fine" : "odd", words, "", ""]),
        ...entry.readings.flatMap(({ reading, values }) =>
          Object.entries(values).map(([field, value]): Row => [
            at,
            kind,
            `${reading} ${field}`,
            String(value),
            "",
            "",
            "",
          ]),
        ),
      ];
  }
}
