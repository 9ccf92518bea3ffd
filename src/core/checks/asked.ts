import { fieldAt, type FieldSpec } from "../yacht/draft/fields";
import { valueAt } from "../yacht/draft/pointer";
import type { YachtFile } from "../yacht/schema";

/** A part of a file with the fields of it that nobody has told yet. */
export interface AskedPart {
  /** JSON pointer of the part */
  path: string;
  collection: string;
  /** empty for her particulars */
  key: string;
  /** each with the pointer of what it is a field of: the part, or something inside it */
  fields: { part: string; field: FieldSpec }[];
}

/** What is asked at one place; an empty place is what belongs to the whole boat. */
export interface AskedPlace {
  place: string;
  parts: AskedPart[];
}

const particulars = "particulars";

/**
 * What nobody has told yet, place by place in the order in which one walks her: first what has no place, her particulars
 * before anything else.
 *
 * @param untold JSON pointers of fields
 * @param fields as `collectionFields` tells them
 */
export function askedByPlace(
  file: YachtFile,
  untold: readonly string[],
  fields: Readonly<Record<string, readonly FieldSpec[]>>,
): AskedPlace[] {
  const inOrder = Object.entries(file.places).sort(([, a], [, b]) => (a.order ?? 0) - (b.order ?? 0));
  const places = new Map<string, Map<string, AskedPart>>(
    ["", ...inOrder.map(([key]) => key)].map((at) => [at, new Map()]),
  );
  const first = (at: string) => Number(!at.startsWith(`/${particulars}/`));
  for (const at of [...untold].sort((a, b) => first(a) - first(b))) {
    const found = fieldAt(fields, at);
    if (!found) continue;
    const [, collection = "", name = ""] = at.split("/");
    const key = collection === particulars ? "" : name;
    const path = key === "" ? `/${collection}` : `/${collection}/${key}`;
    const place = collection === "places" ? key : (valueAt(file, path) as { place?: string } | null)?.place;
    const parts = places.get(place ?? "") ?? places.get("")!;
    const asked = parts.get(path) ?? { path, collection, key, fields: [] };
    asked.fields.push(found);
    parts.set(path, asked);
  }
  return [...places].flatMap(([place, parts]) => (parts.size === 0 ? [] : [{ place, parts: [...parts.values()] }]));
}
