import Papa from "papaparse";
import type { HistoryRow } from "../core/history/history";
import { minorDigits } from "../core/basics/money";

/**
 * The history of items as CSV: one row each, sums as numbers in the currency's own unit.
 *
 * @example historyToCsv([{ key: "count:fender", … }], "EUR") // "item,name,yachts,missing,broken,charged EUR,work minutes\r\n…"
 */
export function historyToCsv(rows: readonly HistoryRow[], currency: string): string {
  const digits = minorDigits(currency);
  return Papa.unparse(
    {
      fields: ["item", "name", "yachts", "missing", "broken", `charged ${currency}`, "work minutes"],
      data: rows.map((row) => [
        row.key,
        row.name,
        row.across,
        row.missing,
        row.broken,
        (row.chargedMinor / 10 ** digits).toFixed(digits),
        row.workMinutes,
      ]),
    },
    { escapeFormulae: true },
  );
}
