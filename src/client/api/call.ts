import { AppError, isErrorCode, type ErrorParams } from "@/api/app-error";
import { addressOf, type AnswerOf, type AnyEndpoint, type BodyOf, type ParamsOf, type QueryOf } from "@/api/endpoint";
import { languageNow } from "../language/language";
import { answerChecks } from "./generated/answer-checks";

type Given<Name extends string, T> = Record<string, never> extends T ? { [key in Name]?: T } : { [key in Name]: T };

/** What is asked of an endpoint: the parts of its address, its body, and the right of a device where that calls. */
export type Asked<E extends AnyEndpoint> = Given<"params", ParamsOf<E>> &
  Given<"query", QueryOf<E>> &
  (BodyOf<E> extends undefined ? { body?: undefined } : { body: BodyOf<E> }) & {
    grant?: string;
    signal?: AbortSignal;
    /** made by who may send the same again: the base does nothing a second time */
    onceKey?: string;
  };

type Loose = {
  params?: object;
  query?: object;
  body?: unknown;
  grant?: string;
  signal?: AbortSignal;
  onceKey?: string;
};

/** The address of an endpoint, for a link or a picture. */
export const href = <E extends AnyEndpoint>(endpoint: E, asked: Pick<Asked<E>, "params" | "query">): string =>
  addressOf(endpoint, asked as Parameters<typeof addressOf>[1]);

/**
 * Asks the base. An answer that is JSON is checked before it is believed.
 *
 * @throws AppError when the base refuses; TypeError when there is no connection
 */
export async function call<E extends AnyEndpoint>(endpoint: E, asked: Asked<E>): Promise<AnswerOf<E>> {
  const check = answerChecks[endpoint.name];
  const [answer, checked] = await Promise.all([ask(endpoint, asked), check?.()]);
  const value: unknown = await answer.json().catch(() => null);
  if (!answer.ok) throw errorFrom(answer.status, value);
  if (checked && !checked.check(value)) throw new AppError("no-answer-form", {}, null, noAnswerForm);
  return value as AnswerOf<E>;
}

/** Asks the base for a file or a picture. */
export async function callForBytes<E extends AnyEndpoint>(endpoint: E, asked: Asked<E>): Promise<Blob> {
  const answer = await ask(endpoint, asked);
  if (!answer.ok) throw errorFrom(answer.status, await answer.json().catch(() => null));
  return answer.blob();
}

/** Asks the base and hands over the answer as it comes: for a stream. */
export const callForStream = <E extends AnyEndpoint>(endpoint: E, asked: Asked<E>): Promise<Response> =>
  ask(endpoint, asked);

function ask<E extends AnyEndpoint>(endpoint: E, asked: Asked<E>): Promise<Response> {
  const { params, query, body, grant, signal, onceKey } = asked as Loose;
  const isBlob = body instanceof Blob;
  const headers: Record<string, string> = {};
  if (body !== undefined) headers["content-type"] = isBlob ? body.type : "application/json";
  headers["accept-language"] = languageNow();
  if (grant !== undefined) headers.authorization = `Bearer ${grant}`;
  if (onceKey !== undefined) headers["idempotency-key"] = onceKey;
  return fetch(addressOf(endpoint, { params: params as never, query: query as never }), {
    method: endpoint.method,
    headers,
    ...(signal ? { signal } : {}),
    ...(body === undefined ? {} : { body: isBlob ? body : JSON.stringify(body) }),
  });
}

const noAnswerForm =
  "The base’s answer has not the form this page knows. Load the page again; nothing on this device is lost.";

/** What the base said against it, in words for people. */
function errorFrom(status: number, value: unknown): AppError {
  const error = (
    value as { error?: Partial<Record<"code" | "message" | "where", unknown>> & { params?: ErrorParams } } | null
  )?.error;
  const code = String(error?.code ?? "");
  const message = typeof error?.message === "string" ? error.message : `The base answered ${status}.`;
  const where = typeof error?.where === "string" ? error.where : null;
  return new AppError(isErrorCode(code) ? code : "unforeseen", error?.params ?? {}, where, message, status);
}
