import { blankFigure, blankWords } from "../parts/blank";
import type { Point, YachtFile } from "../schema";
import { referredCollection, type FieldSpec } from "./fields";

/**
 * A new part or entry with what its schema demands and nothing else: texts still to be written, figures still to be
 * told, the first of what can be chosen.
 *
 * @param fields of the part; none for an entry that is a text by itself
 */
export function blankPart(fields: readonly FieldSpec[], file: YachtFile, collection: string): unknown {
  if (fields.length === 0) return { en: blankWords };
  return Object.fromEntries(
    fields.filter((field) => !field.optional).map((field) => [field.name, blankField(field, file, collection)]),
  );
}

function blankField(field: FieldSpec, file: YachtFile, collection: string): unknown {
  switch (field.kind) {
    case "words":
      return { en: blankWords };
    case "number":
      return field.mustBeTold ? blankFigure : Math.max(1, field.least ?? 1);
    case "span":
      return Math.max(1, field.least ?? 1);
    case "yes-no":
      return false;
    case "choice":
      return field.mustBeTold ? blankWords : field.options?.[0];
    case "part":
      return blankPart(field.of ?? [], file, collection);
    case "text":
      return firstKey(field, file, collection) ?? blankWords;
    case "keys": {
      const key = firstKey(field, file, collection);
      return key === undefined ? [] : [key];
    }
    case "texts":
      return [];
    case "list":
      return [blankPart(field.of ?? [], file, collection)];
    case "other":
      return field.name === "at" ? amidships[0] : amidships;
  }
}

/** An outline of a metre by the mast, to be dragged to where it belongs. */
const amidships: Point[] = [
  [4, -0.5],
  [4, 0.5],
  [5, 0.5],
  [5, -0.5],
];

/** The first part that a field could name. */
function firstKey(field: FieldSpec, file: YachtFile, collection: string): string | undefined {
  const refers = referredCollection(collection, field.name);
  return refers === null ? undefined : Object.keys((file as unknown as Record<string, object>)[refers] ?? {})[0];
}
