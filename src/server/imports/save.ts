import "server-only";
import { daysIn } from "@/core/charters/days";
import { chartersToCsv } from "@/formats/charters-csv";
import { csvFile } from "../http/json-file";
import { currentBase } from "../db/base";
import { knownCharters } from "../db/imports";
import type { Queryable } from "../db/pool";

/** The charters of the base as CSV, in the columns that it takes in again. */
export async function chartersCsv(db: Queryable): Promise<Response> {
  const { timeZone } = await currentBase(db);
  const csv = chartersToCsv(
    (await knownCharters(db, null)).map(
      ({ reference, calledOff, yacht, aboard, language, startsAt, endsAt, charterer, skipper }) => ({
        reference,
        state: calledOff ?? "on",
        yacht,
        ...daysIn(startsAt, endsAt, timeZone),
        aboard: String(aboard),
        language,
        terms: "",
        charterer: charterer.name,
        chartererEmail: charterer.email,
        chartererPhone: charterer.phone,
        skipper: skipper.name,
        skipperEmail: skipper.email,
        skipperPhone: skipper.phone,
      }),
    ),
  );
  return csvFile(csv, "charters.csv");
}
