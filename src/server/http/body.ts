import "server-only";
import type { Static, TSchema } from "@sinclair/typebox";
import { JsonFault, parseStrictJson } from "@/formats/strict-json";
import { parseAs, SchemaMismatch } from "@/formats/validate";
import { Refusal } from "./refusal";

const shown = (bytes: number) =>
  bytes >= 1_000_000 ? `${Math.round(bytes / 100_000) / 10} MB` : `${Math.round(bytes / 1000)} kB`;

/**
 * Reads a request's body, never more of it than allowed: the declared length is looked at first, and reading stops
 * as soon as it is exceeded.
 */
export async function readBytes(request: Request, maxBytes: number): Promise<Uint8Array> {
  const tooLarge = () => new Refusal(413, "too-large", `This is larger than ${shown(maxBytes)}. Send less at once.`);
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

/** Reads a JSON body as text in UTF-8. */
async function readText(request: Request, maxBytes: number): Promise<string> {
  if (!(request.headers.get("content-type") ?? "").startsWith("application/json")) {
    throw new Refusal(415, "not-json", "This address takes JSON (content-type application/json).");
  }
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(await readBytes(request, maxBytes));
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw new Refusal(400, "not-utf-8", "This is not text in UTF-8. Save the file as UTF-8 and send it again.");
  }
}

/** Reads a file that somebody made by hand: JSON with line and column in its errors, and no key twice in one object. */
export async function readStrictJson(request: Request, maxBytes: number): Promise<unknown> {
  const text = await readText(request, maxBytes);
  try {
    return parseStrictJson(text);
  } catch (error) {
    if (error instanceof JsonFault) throw new Refusal(400, "not-json", error.message);
    throw error;
  }
}

/** Reads a JSON body as the schema's type, or refuses it with the place and what is wanted there. */
export async function readJson<T extends TSchema>(request: Request, schema: T, maxBytes = 64_000): Promise<Static<T>> {
  const text = await readText(request, maxBytes);
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Refusal(400, "not-json", "The body is not JSON.");
  }
  try {
    return parseAs(schema, value);
  } catch (error) {
    if (error instanceof SchemaMismatch) throw new Refusal(422, "wrong-form", error.message, error.where);
    throw error;
  }
}
