import type { DayEntry } from "./entry";

/** What a place of the log is called, and where it is: for a track. */
export interface LogPoint {
  at: string;
  lon: number;
  lat: number;
  words: string;
}

/** The places of a log in the order of their time: positions, and where they lay at night. */
export const logPoints = (log: readonly DayEntry[]): LogPoint[] =>
  log
    .flatMap((entry): LogPoint[] => {
      if (entry.kind === "position") return [{ at: entry.at, lon: entry.lon, lat: entry.lat, words: entry.words }];
      if (entry.kind !== "tonight" || entry.lon === undefined || entry.lat === undefined) return [];
      return [{ at: entry.at, lon: entry.lon, lat: entry.lat, words: entry.where }];
    })
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
