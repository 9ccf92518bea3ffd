import Papa from "papaparse";

/** The rows of a table as CSV, with a cell that a spreadsheet would run as a formula made harmless. */
export const csvOf = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  Papa.unparse({ fields: [...heads], data: rows.map((row) => [...row]) }, { escapeFormulae: true });

/** Saves what a table shows as a file on this device. */
export function saveCsv(name: string, heads: readonly string[], rows: readonly (readonly string[])[]): void {
  // the mark in front tells a spreadsheet that it is UTF-8
  const address = URL.createObjectURL(new Blob([`\uFEFF${csvOf(heads, rows)}`], { type: "text/csv" }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
