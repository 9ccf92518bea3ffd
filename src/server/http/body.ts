import "server-only";
import type { Static, TSchema } from "@sinclair/typebox";
import { parseAs, SchemaMismatch } from "@/formats/validate";
import { Refusal } from "./refusal";

const shown = (bytes: number) => (bytes >= 1_000_000 ? `${Math.round(bytes / 100_000) / 10} MB` : `${Math.round(bytes / 1000)} kB`);

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

/** Reads a JSON body as the schema's type, or refuses it with the place and what is wanted there. */
export async function readJson<T extends TSchema>(request: Request, schema: T, maxBytes = 64_000): Promise<Static<T>> {
  if (!(request.headers.get("content-type") ?? "").startsWith("application/json")) {
    throw new Refusal(415, "not-json", "This address takes JSON (content-type application/json).");
  }
  const bytes = await readBytes(request, maxBytes);
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(bytes));
  } catch {
    throw new Refusal(400, "not-json", "The body is not JSON in UTF-8.");
  }
  try {
    return parseAs(schema, value);
  } catch (error) {
    if (error instanceof SchemaMismatch) throw new Refusal(422, "wrong-form", error.message, error.where);
    throw error;
  }
}
