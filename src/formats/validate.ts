import type { Static, TSchema } from "@sinclair/typebox";
import Ajv, { type ErrorObject, type ValidateFunction } from "ajv/dist/2020.js";
import { isDay, isInstant } from "../core/basics/instant";

const options = {
  allErrors: false,
  strict: true,
  allowUnionTypes: true,
  strictTuples: false,
  strictRequired: false,
  strictTypes: false,
  // a union that is told apart by a word is worded by the branch that was meant
  verbose: true,
} as const;

/** One way to check input, with the checks it has made so far. */
const checking = (ajv: Ajv) => ({ ajv, compiled: new WeakMap<TSchema, ValidateFunction>() });
const asItMustBe = checking(new Ajv({ ...options, formats: { "date-time": isInstant, date: isDay } }));
/** For what was signed before times were looked at: 99 o'clock is no time, and yet what was written down. */
const asItWasWritten = checking(new Ajv({ ...options, validateFormats: false }));

function validatorOf(schema: TSchema, { ajv, compiled } = asItMustBe): ValidateFunction {
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
export function mismatch(schema: TSchema, value: unknown, checks = asItMustBe): SchemaMismatch | null {
  const validate = validatorOf(schema, checks);
  if (validate(value)) return null;
  const errors = validate.errors ?? [];
  return meant(errors) ?? worded(errors, value);
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

/**
 * Takes a record that was signed as it was written down: its form is checked, and not whether its times are times.
 *
 * @throws SchemaMismatch with the place (a JSON pointer) and what is wanted there
 */
export function parseAsWritten<T extends TSchema>(schema: T, value: unknown): Static<T> {
  const wrong = mismatch(schema, value, asItWasWritten);
  if (wrong) throw wrong;
  return value as Static<T>;
}

/**
 * What is wrong in a union whose branches are told apart by one constant field, such as `kind`: with that field's value
 * the branch is known, and its own error is the one to tell; without it, all the values are.
 */
function meant(errors: readonly ErrorObject[]): SchemaMismatch | null {
  for (const { keyword, instancePath, data, schema } of errors) {
    if (keyword !== "anyOf" || typeof data !== "object" || data === null || Array.isArray(data)) continue;
    const branches = schema as (TSchema & { properties?: Record<string, { const?: unknown }> })[];
    const field = Object.keys(branches[0]?.properties ?? {}).find((name) =>
      branches.every(({ properties }) => typeof properties?.[name]?.const === "string"),
    );
    if (field === undefined) continue;
    const word = (data as Record<string, unknown>)[field];
    const branch = branches.find(({ properties }) => properties?.[field]?.const === word);
    if (!branch) {
      const all = branches.map(({ properties }) => JSON.stringify(properties?.[field]?.const)).join(", ");
      return word === undefined
        ? new SchemaMismatch(instancePath, `needs "${field}": one of ${all}`)
        : new SchemaMismatch(`${instancePath}/${field}`, `must be one of ${all}`);
    }
    const inside = mismatch(branch, data);
    if (inside) return new SchemaMismatch(`${instancePath}${inside.where}`, inside.wanted);
  }
  return null;
}

/** The deepest error says most: in a union, the branch that got furthest is the one that was meant. */
function worded(errors: ErrorObject[], value: unknown): SchemaMismatch {
  const meaningful = errors.filter((error) => !["anyOf", "oneOf", "if"].includes(error.keyword));
  const ranked = (meaningful.length > 0 ? meaningful : errors).map((error) => ({
    error,
    depth: error.instancePath.split("/").length - (error.keyword === "const" || error.keyword === "type" ? 0.5 : 0),
  }));
  ranked.sort((a, b) => b.depth - a.depth);
  const error = ranked[0]?.error;
  if (!error) return new SchemaMismatch("", "has not the form that is wanted");
  return new SchemaMismatch(error.instancePath, wantedBy(error, value));
}

const counted = (count: number, one: string) => `${count} ${one}${count === 1 ? "" : "s"}`;

/** Bounds as a person says them. */
const boundWords: Readonly<Record<string, (limit: number) => string>> = {
  minimum: (limit) => `must be ${limit} or more`,
  maximum: (limit) => `must be ${limit} or less`,
  exclusiveMinimum: (limit) => `must be more than ${limit}`,
  exclusiveMaximum: (limit) => `must be less than ${limit}`,
  minLength: (limit) => `must have ${counted(limit, "character")} or more`,
  maxLength: (limit) => `must have ${counted(limit, "character")} at most`,
  minItems: (limit) => `must have ${limit === 1 ? "1 entry" : `${limit} entries`} or more`,
  maxItems: (limit) => `must have ${limit === 1 ? "1 entry" : `${limit} entries`} at most`,
};

const typeWords: Readonly<Record<string, string>> = {
  string: "text",
  number: "a number",
  integer: "a whole number",
  boolean: "true or false",
  array: "a list",
  object: "an object",
  null: "empty",
};

function wantedBy(error: ErrorObject, value: unknown): string {
  const params = error.params as Record<string, unknown>;
  switch (error.keyword) {
    case "required":
      return `needs "${String(params.missingProperty)}"`;
    case "additionalProperties":
      return `has "${String(params.additionalProperty)}", which does not belong there`;
    case "type":
      return `must be ${[params.type]
        .flat()
        .map((type) => typeWords[String(type)] ?? String(type))
        .join(" or ")}${shownAt(error, value)}`;
    case "const":
      return `must be ${JSON.stringify(params.allowedValue)}`;
    case "enum":
      return `must be one of ${(params.allowedValues as unknown[]).map((allowed) => JSON.stringify(allowed)).join(", ")}`;
    case "format":
      return `must be a ${params.format === "date" ? "day" : "time"} that there is${shownAt(error, value)}`;
    case "pattern":
      return `is not written as it must be (${String(params.pattern)})`;
    default: {
      const bound = boundWords[error.keyword]?.(Number(params.limit));
      return `${bound ?? error.message ?? "is not as it must be"}${shownAt(error, value)}`;
    }
  }
}

/** What stands where the error is, when it is short. */
function shownAt(error: ErrorObject, value: unknown): string {
  const at = error.instancePath
    .split("/")
    .slice(1)
    .reduce<unknown>(
      (part, key) => (part as Record<string, unknown> | null)?.[key.replaceAll("~1", "/").replaceAll("~0", "~")],
      value,
    );
  return typeof at === "number" || (typeof at === "string" && at.length < 60) ? ` (it is ${JSON.stringify(at)})` : "";
}
