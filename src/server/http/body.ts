import "server-only";
import type { Static, TSchema } from "@sinclair/typebox";
import { badText, isSoundText, isTooDeep, mostLevels } from "@/formats/sound-text";
import { JsonFault, parseStrictJson } from "@/formats/strict-json";
import { parseAs, SchemaMismatch } from "@/formats/validate";
import { AppError } from "@/api/app-error";

const shown = (bytes: number) =>
  bytes >= 1_000_000 ? `${Math.round(bytes / 100_000) / 10} MB` : `${Math.round(bytes / 1000)} kB`;

/**
 * Reads a request's body, never more of it than allowed: the declared length is looked at first, and reading stops
 * as soon as it is exceeded.
 */
export async function readBytes(request: Request, maxBytes: number): Promise<Uint8Array> {
  const tooLarge = () => new AppError("too-large", { most: shown(maxBytes) });
  if (Number(request.headers.get("content-length") ?? 0) > maxBytes) throw tooLarge();
  if (!request.body) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > maxBytes) {
      await reader.cancel();
      throw tooLarge();
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks);
}

/** Bytes as text in UTF-8. */
export function textOf(bytes: Uint8Array): string {
  try {
    return new TextDecoder("utf-8", { fatal: true, ignoreBOM: true }).decode(bytes);
  } catch {
    throw new AppError("not-utf-8");
  }
}

/** Text in UTF-8 that can be kept and shown, without the mark that some programs put in front. */
export function soundText(bytes: Uint8Array): string {
  const text = textOf(bytes).replace(/^\uFEFF/, "");
  if (!isSoundText(text)) throw new AppError("wrong-text", { place: "/" });
  return text;
}

/** Refuses JSON text that is nested deeper than anything of ours, before it is built. */
function refuseDeep(text: string): void {
  if (isTooDeep(text)) throw new AppError("too-deep", { most: mostLevels });
}

function refuseBadText(value: unknown): void {
  const place = badText(value);
  if (place !== null) throw new AppError("wrong-text", { place }, place);
}

/** Takes a file that somebody made by hand: JSON with line and column in its errors, and no key twice in one object. */
export function strictJson(bytes: Uint8Array): unknown {
  const text = textOf(bytes);
  refuseDeep(text);
  try {
    const value = parseStrictJson(text);
    refuseBadText(value);
    return value;
  } catch (error) {
    if (error instanceof JsonFault) throw new AppError("not-json", { what: error.message });
    throw error;
  }
}

/** Reads a JSON body as the schema's type, or refuses it with the place and what is wanted there. */
export async function readJson<T extends TSchema>(request: Request, schema: T, maxBytes = 64_000): Promise<Static<T>> {
  if (!(request.headers.get("content-type") ?? "").startsWith("application/json")) throw new AppError("not-json-type");
  const text = textOf(await readBytes(request, maxBytes));
  refuseDeep(text);
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new AppError("not-json", { what: "the body cannot be read." });
  }
  try {
    const sound = parseAs(schema, value);
    // the items of a batch are each answered by themselves: one that is bad blocks no other
    refuseBadText(withoutItems(schema, sound));
    return sound;
  } catch (error) {
    if (error instanceof SchemaMismatch) throw new AppError("wrong-form", { what: error.message }, error.where);
    throw error;
  }
}

/** A body without its lists of items of any form. */
function withoutItems(schema: TSchema, value: unknown): unknown {
  const properties = schema.properties as Record<string, TSchema> | undefined;
  if (!properties || typeof value !== "object" || value === null) return value;
  const isItems = (name: string) =>
    properties[name]?.type === "array" && Object.keys(properties[name].items as object).length === 0;
  return Object.fromEntries(Object.entries(value).filter(([name]) => !isItems(name)));
}
