import { charterColumns, publishedHeads, type CharterColumn } from "../core/imports/columns";
import { tableToCsv } from "./table-csv";

/** A charter with its fields as a list holds them. */
export type ListedCharter = Record<CharterColumn, string>;

/** Charters as CSV, in the columns that the base takes in again. */
export const chartersToCsv = (charters: readonly ListedCharter[]): string =>
  tableToCsv(
    charterColumns.map((column) => publishedHeads[column]),
    charters.map((charter) => charterColumns.map((column) => charter[column])),
  );
