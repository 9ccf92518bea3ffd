import type { AboardReading } from "../readings";
import type { LogEntry } from "./entry";

/** What the rounds of a log read aboard, for the planners. */
export const roundReadings = (log: readonly LogEntry[]): AboardReading[] =>
  log.flatMap((entry) =>
    entry.kind === "round" ? entry.readings.map((each) => ({ ...each, at: entry.at, told: "round" as const })) : [],
  );
