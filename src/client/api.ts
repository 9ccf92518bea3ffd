import type { TSchema, Static } from "@sinclair/typebox";

/** An answer of the base that is no success: what it said, in words for people. */
export class ApiFault extends Error {
  override readonly name = "ApiFault";
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly where: string | null,
  ) {
    super(message);
  }
}

/** Checks unknown JSON by a validator compiled at build time. */
export type Check<T> = (value: unknown) => value is T;
export type CheckOf<T extends TSchema> = Check<Static<T>>;

/**
 * Asks the base. The answer is checked before it is believed.
 *
 * @throws ApiFault for a refusal; TypeError when there is no connection
 */
export async function ask<T>(
  path: string,
  check: Check<T>,
  init: { method?: string; body?: unknown; grant?: string; bytes?: Blob } = {},
): Promise<T> {
  const headers: Record<string, string> = {};
  if (init.body !== undefined) headers["content-type"] = "application/json";
  if (init.bytes) headers["content-type"] = init.bytes.type;
  if (init.grant) headers.authorization = `Bearer ${init.grant}`;
  const answer = await fetch(path, {
    method: init.method ?? "GET",
    headers,
    body: init.bytes ?? (init.body === undefined ? undefined : JSON.stringify(init.body)),
  });
  const value: unknown = await answer.json().catch(() => null);
  if (!answer.ok) {
    const error = (value as { error?: { code?: string; message?: string; where?: string | null } } | null)?.error;
    throw new ApiFault(
      answer.status,
      error?.code ?? "unforeseen",
      error?.message ?? `The base answered ${answer.status}.`,
      error?.where ?? null,
    );
  }
  if (!check(value))
    throw new ApiFault(
      502,
      "wrong-form",
      "The base's answer has not the form this page knows. Load the page again; nothing on this device is lost.",
      null,
    );
  return value;
}

/** For answers of which only the success counts. */
export const anything = (_value: unknown): _value is unknown => true;
