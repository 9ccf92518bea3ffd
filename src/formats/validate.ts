import type { Static, TSchema } from "@sinclair/typebox";
import Ajv, { type ErrorObject, type ValidateFunction } from "ajv/dist/2020.js";

const ajv = new Ajv({ allErrors: false, strict: true, allowUnionTypes: true, strictTuples: false, strictRequired: false, strictTypes: false });
const compiled = new WeakMap<TSchema, ValidateFunction>();

function validatorOf(schema: TSchema): ValidateFunction {
  const known = compiled.get(schema);
  if (known) return known;
  const fresh = ajv.compile(schema);
  compiled.set(schema, fresh);
  return fresh;
}

/** Input that has not the form it must have: where it is wrong and what is wanted there. */
export class SchemaMismatch extends Error {
  override readonly name = "SchemaMismatch";
  constructor(
    readonly where: string,
    readonly wanted: string,
  ) {
    super(where === "" ? `The input ${wanted}.` : `${where} ${wanted}.`);
  }
}

/** What is wrong with a value by a schema, or null when it passes. */
export function mismatch(schema: TSchema, value: unknown): SchemaMismatch | null {
  const validate = validatorOf(schema);
  return validate(value) ? null : worded(validate.errors ?? [], value);
}

/**
 * Takes unknown input as the schema's type, or refuses it.
 *
 * @throws SchemaMismatch with the place (a JSON pointer) and what is wanted there
 */
export function parseAs<T extends TSchema>(schema: T, value: unknown): Static<T> {
  const wrong = mismatch(schema, value);
  if (wrong) throw wrong;
  return value as Static<T>;
}

/** The deepest error says most: in a union, the branch that got furthest is the one that was meant. */
function worded(errors: ErrorObject[], value: unknown): SchemaMismatch {
  const meaningful = errors.filter((error) => error.keyword !== "anyOf" && error.keyword !== "oneOf");
  const ranked = (meaningful.length > 0 ? meaningful : errors).map((error) => ({ error, depth: error.instancePath.split("/").length - (error.keyword === "const" || error.keyword === "type" ? 0.5 : 0) }));
  ranked.sort((a, b) => b.depth - a.depth);
  const error = ranked[0]?.error;
  if (!error) return new SchemaMismatch("", "has not the form that is wanted");
  return new SchemaMismatch(error.instancePath, wantedBy(error, value));
}

function wantedBy(error: ErrorObject, value: unknown): string {
  const params = error.params as Record<string, unknown>;
  switch (error.keyword) {
    case "required":
      return `needs "${String(params.missingProperty)}"`;
    case "additionalProperties":
      return `has "${String(params.additionalProperty)}", which does not belong there`;
    case "const":
      return `must be ${JSON.stringify(params.allowedValue)}`;
    case "enum":
      return `must be one of ${(params.allowedValues as unknown[]).map((allowed) => JSON.stringify(allowed)).join(", ")}`;
    case "pattern":
      return `is not written as it must be (${String(params.pattern)})`;
    default: {
      const at = error.instancePath.split("/").slice(1).reduce<unknown>((part, key) => (part as Record<string, unknown> | null)?.[key.replaceAll("~1", "/").replaceAll("~0", "~")], value);
      const shown = typeof at === "number" || (typeof at === "string" && at.length < 60) ? ` (it is ${JSON.stringify(at)})` : "";
      return `${error.message ?? "is not as it must be"}${shown}`;
    }
  }
}
