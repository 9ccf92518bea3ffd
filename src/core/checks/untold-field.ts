import { collectionFields, fieldAt } from "../yacht/draft/fields";
import { valueAt } from "../yacht/draft/pointer";
import type { YachtFile } from "../yacht/schema";

const fields = collectionFields();
const told: ReadonlySet<string> = new Set(["number", "span", "words"]);

/**
 * Where a fact would stand that a text takes and nobody has told: its part is there, and its field is one that may be left
 * out; null for a reference that leads to something, or to no field at all.
 *
 * @param reference as it is written in a text, `engines.main.chargingRpm`
 */
export function untoldField(file: YachtFile, reference: string): string | null {
  const path = `/${reference.replaceAll(".", "/")}`;
  const found = fieldAt(fields, path);
  if (!found || !told.has(found.field.kind)) return null;
  return valueAt(file, found.part) !== null && valueAt(file, path) === null ? path : null;
}
