/** What a compiled schema says against a value: which keyword, where, and with which bounds. */
export interface SchemaFault {
  keyword: string;
  instancePath: string;
  params: Record<string, unknown>;
}

/** The key of the sentence for what is wrong with one field, and its values. */
export interface FaultSaid {
  say: "missing" | "too-long" | "not-a-number" | "not-whole" | "too-small" | "too-large" | "wrong-form";
  limit: number;
}

/** A fault of the schema as something to say to a person. */
export function faultSaid({ keyword, params }: SchemaFault): FaultSaid {
  const limit = typeof params.limit === "number" ? params.limit : 0;
  switch (keyword) {
    case "required":
    case "minLength":
      return { say: "missing", limit };
    case "maxLength":
      return { say: "too-long", limit };
    case "type":
      return { say: params.type === "integer" ? "not-whole" : "not-a-number", limit };
    case "minimum":
    case "exclusiveMinimum":
      return { say: "too-small", limit };
    case "maximum":
    case "exclusiveMaximum":
      return { say: "too-large", limit };
    default:
      return { say: "wrong-form", limit };
  }
}

/** The field of a form that a place in a body is at or in: `/rules/windLimitKn` is `windLimitKn`; null where it is none. */
export function fieldAt({ instancePath, params }: SchemaFault, fields: readonly string[]): string | null {
  const missing = typeof params.missingProperty === "string" ? `/${params.missingProperty}` : "";
  const path = `${instancePath}${missing}/`;
  return fields.find((field) => path.includes(`/${field}/`)) ?? null;
}
