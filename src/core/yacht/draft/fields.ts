import type { TSchema } from "@sinclair/typebox";
import { blankWords } from "../parts/blank";
import { YachtFile } from "../schema";

/** How a field of a part is typed in: told by the file's own schema, so that a new field has its place at once. */
export interface FieldSpec {
  name: string;
  kind: "words" | "text" | "number" | "span" | "yes-no" | "choice" | "keys" | "texts" | "list" | "part" | "other";
  optional: boolean;
  /** of a choice */
  options?: string[];
  /** of a number: the least that it may be */
  least?: number;
  /** a number or a choice that must be true of the boat, and stays blank until somebody tells it */
  mustBeTold?: boolean;
  /** of a part, or of each entry of a list */
  of?: FieldSpec[];
}

interface Schema {
  type?: string;
  enum?: string[];
  minimum?: number;
  else?: { minimum?: number };
  patternProperties?: Record<string, Schema>;
  properties?: Record<string, Schema>;
  required?: string[];
  items?: Schema;
  anyOf?: Schema[];
}

const isWords = (schema: Schema) => Object.hasOwn(schema.patternProperties ?? {}, "^[a-z]{2}$");

function specOf(name: string, schema: Schema, optional: boolean): FieldSpec {
  const as = (kind: FieldSpec["kind"], more: Partial<FieldSpec> = {}): FieldSpec => ({ name, kind, optional, ...more });
  if (isWords(schema)) return as("words");
  // the one choice between forms that the file has is a figure or a range
  if (schema.anyOf) return as("span");
  if (schema.enum) {
    const options = schema.enum.filter((option) => option !== blankWords);
    return as("choice", options.length < schema.enum.length ? { options, mustBeTold: true } : { options });
  }
  if (schema.type === "boolean") return as("yes-no");
  if (schema.type === "number" || schema.type === "integer")
    return as("number", {
      ...(schema.minimum === undefined ? {} : { least: schema.minimum }),
      ...(schema.else === undefined ? {} : { mustBeTold: true }),
    });
  if (schema.type === "string") return as("text");
  if (schema.type === "object" && schema.properties) return as("part", { of: fieldsOf(schema) });
  if (schema.type === "array" && schema.items) {
    if (isWords(schema.items) || schema.items.properties)
      return as("list", { of: isWords(schema.items) ? [] : fieldsOf(schema.items) });
    if (schema.items.type === "string") return as(Object.hasOwn(schema.items, "pattern") ? "keys" : "texts");
  }
  return as("other");
}

function fieldsOf(schema: Schema): FieldSpec[] {
  return Object.entries(schema.properties ?? {}).map(([name, field]) =>
    specOf(name, field, !(schema.required ?? []).includes(name)),
  );
}

/** The fields of the parts of each collection, in the order of the schema; `particulars` is a part by itself. */
export function collectionFields(): Record<string, FieldSpec[]> {
  const properties = YachtFile.properties as Record<string, TSchema>;
  return Object.fromEntries(
    Object.entries(properties).flatMap(([collection, schema]) => {
      const part =
        collection === "particulars"
          ? (schema as Schema)
          : Object.values((schema as Schema).patternProperties ?? {})[0];
      return part?.properties ? [[collection, fieldsOf(part)]] : [];
    }),
  );
}

/** The collection that a field's key is one of, where it names another part. */
const refersTo: Readonly<Record<string, string>> = {
  place: "places",
  from: "places",
  to: "places",
  locker: "places",
  fitting: "fittings",
  filler: "fittings",
  valve: "fittings",
  gauge: "fittings",
  pump: "fittings",
  outlet: "fittings",
  windlass: "fittings",
  seacock: "fittings",
  inlet: "fittings",
  bottleValve: "fittings",
  tap: "fittings",
  notThis: "fittings",
  otherOutlets: "fittings",
  works: "fittings",
  reliefAt: "fittings",
  clutch: "fittings",
  winch: "fittings",
  fuse: "fittings",
  tank: "tanks",
  with: "tanks",
  charges: "batteries",
  battery: "batteries",
  sail: "sails",
  clewLine: "lines",
  fuseSpare: "inventory",
  spares: "inventory",
  topics: "procedures",
  closes: "stops",
};

/** Which collection a field's key belongs to, or null where it is plain text. */
export function referredCollection(collection: string, field: string): string | null {
  // a line works a sail in words, a bank works a fitting
  if (field === "works" && collection !== "batteries") return null;
  if (field === "after") return collection === "stops" ? "stops" : "procedures";
  return refersTo[field] ?? null;
}

/**
 * The field that a JSON pointer leads to, and the pointer of the part it is of; null where it leads to no field.
 *
 * @param fields as `collectionFields` tells them
 * @example fieldAt(fields, "/tanks/fuel/capacityL") // { part: "/tanks/fuel", field: { name: "capacityL", … } }
 */
export function fieldAt(
  fields: Readonly<Record<string, readonly FieldSpec[]>>,
  path: string,
): { part: string; field: FieldSpec } | null {
  const [, collection = "", ...steps] = path.split("/");
  let inside: readonly FieldSpec[] | undefined = fields[collection];
  let field: FieldSpec | undefined;
  for (const step of collection === "particulars" ? steps : steps.slice(1)) {
    if (/^\d+$/.test(step)) {
      // an entry of a list that is a text by itself, or one with fields of its own
      inside = field?.of;
      field = { name: step, kind: inside?.length === 0 ? "words" : "part", optional: false, of: [...(inside ?? [])] };
    } else {
      field = inside?.find(({ name }) => name === step);
      inside = field?.of;
    }
    if (!field) return null;
  }
  return field ? { part: path.slice(0, path.lastIndexOf("/")), field } : null;
}
