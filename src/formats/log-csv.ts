import Papa from "papaparse";
import { changedFields, type Deed } from "../core/log/deed";

const written = (value: unknown): string =>
  value === null ? "" : typeof value === "string" ? value : JSON.stringify(value);

/**
 * The log of what was done as CSV: one row for each field that was changed, as it is kept; a change without fields has one
 * row.
 */
export function deedsToCsv(deeds: readonly Deed[]): string {
  return Papa.unparse(
    {
      fields: ["number", "at", "by", "as", "device", "action", "thing", "charter", "yacht", "of", "field", "was", "is"],
      data: deeds.flatMap((deed) => {
        const head = [deed.id, deed.at, deed.by ?? "", deed.kind, deed.device ?? "", deed.action, deed.subject];
        const about = [deed.charter ?? "", deed.yacht ?? "", deed.of ?? ""];
        const fields = changedFields(deed);
        return fields.length === 0
          ? [[...head, ...about, "", "", ""]]
          : fields.map(({ field, was, is }) => [...head, ...about, field, written(was), written(is)]);
      }),
    },
    { escapeFormulae: true },
  );
}
