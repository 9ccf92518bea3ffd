import type { TSchema } from "@sinclair/typebox";
import { YachtFile } from "../schema";

/** How a field of a part is typed in: told by the file's own schema, so that a new field has its place at once. */
export interface FieldSpec {
  name: string;
  kind: "words" | "text" | "number" | "yes-no" | "choice" | "keys" | "texts" | "list" | "part" | "other";
  optional: boolean;
  /** of a choice */
  options?: string[];
  /** of a part, or of each entry of a list */
  of?: FieldSpec[];
}

interface Schema {
  type?: string;
  enum?: string[];
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
  if (schema.enum) return as("choice", { options: schema.enum });
  if (schema.type === "boolean") return as("yes-no");
  if (schema.type === "number" || schema.type === "integer") return as("number");
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
  tank: "tanks",
  charges: "batteries",
  topics: "procedures",
  closes: "stops",
};

/** Which collection a field's key belongs to, or null where it is plain text. */
export function referredCollection(collection: string, field: string): string | null {
  if (field === "after") return collection === "stops" ? "stops" : "procedures";
  return refersTo[field] ?? null;
}
