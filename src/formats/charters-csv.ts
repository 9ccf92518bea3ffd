import Papa from "papaparse";
import { charterColumns, publishedHeads, type CharterColumn } from "../core/imports/columns";

/** A charter with its fields as a list holds them. */
export type ListedCharter = Record<CharterColumn, string>;

/** Charters as CSV, in the columns that the base takes in again. */
export const chartersToCsv = (charters: readonly ListedCharter[]): string =>
  Papa.unparse(
    {
      fields: charterColumns.map((column) => publishedHeads[column]),
      data: charters.map((charter) => charterColumns.map((column) => charter[column])),
    },
    { escapeFormulae: true },
  );
