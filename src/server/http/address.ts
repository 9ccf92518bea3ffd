import "server-only";
import type { TObject, TSchema } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import { badText } from "@/formats/sound-text";
import { mismatch } from "@/formats/validate";

/** The named parts of an address; what does not fit them is an address of nothing. */
export function parseParams(schema: TObject | null, params: Readonly<Record<string, string>>): Record<string, string> {
  if (schema === null) return {};
  if (mismatch(schema, params) || badText(params)) throw new AppError("no-such-address");
  return { ...params };
}

/** What stands behind the question mark, in the types that the endpoint wants. */
export function parseQuery(schema: TObject | null, asked: URLSearchParams): Record<string, unknown> {
  const query: Record<string, unknown> = {};
  for (const [name, text] of asked) {
    if (Object.hasOwn(query, name)) throw new AppError("wrong-form", { what: `"${name}" is asked for twice.` }, name);
    query[name] = typed(schema?.properties[name], text);
  }
  if (schema === null && Object.keys(query).length === 0) return {};
  const strange = schema === null ? Object.keys(query)[0] : undefined;
  if (strange !== undefined)
    throw new AppError("wrong-form", { what: `Nothing called "${strange}" can be asked for here.` }, strange);
  const wrong = schema && mismatch(schema, query);
  if (wrong) throw new AppError("wrong-form", { what: wrong.message }, wrong.where);
  const bad = badText(query);
  if (bad) throw new AppError("wrong-text", { place: bad }, bad);
  return query;
}

const typed = (schema: TSchema | undefined, text: string): unknown =>
  schema?.type === "integer" && /^-?\d{1,15}$/.test(text) ? Number(text) : text;
