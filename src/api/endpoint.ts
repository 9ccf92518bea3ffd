import { Type, type Static, type TObject, type TSchema } from "@sinclair/typebox";
import type { Caller, Session } from "./callers";
import type { ErrorCode } from "./errors";
import { closed } from "./schemas/closed";

export type Method = "GET" | "POST" | "PUT" | "DELETE";

/** Bytes as they are, of some media types. */
export interface Bytes {
  bytes: readonly string[];
}
export const bytes = (...types: string[]): Bytes => ({ bytes: types });

/** An answer that is no JSON: a file, a picture, a stream. */
export interface Media {
  media: string;
}
export const media = (type: string): Media => ({ media: type });

type None = Record<string, never>;
type FieldsOf<T> = T extends TObject ? Static<T> : None;

/**
 * One address of the app: what the browser and the server say to each other there. Both sides take it from this value,
 * and so does the published description (`/api/openapi.json`).
 */
export interface Endpoint<
  Params extends TObject | null = TObject | null,
  Query extends TObject | null = TObject | null,
  Body extends TSchema | Bytes | null = TSchema | Bytes | null,
  Answer extends TSchema | Media = TSchema | Media,
  S extends Session = Session,
> {
  /** its name in logs and in the description: verb-first, unique */
  name: string;
  method: Method;
  /** `/api/stays/{id}/crew` */
  path: string;
  /** one line for who reads the description */
  about: string;
  /** who may call; tried in this order */
  who: readonly Caller<S>[];
  params: Params;
  query: Query;
  body: Body;
  maxBytes: number;
  answer: Answer;
  /** the status of a success; 200 where nothing is said */
  status: 200 | 201;
  /** whether the answer holds a PIN or a code, and is never kept to be given again */
  isSecret: boolean;
  /** errors of its own, besides those that every endpoint can give */
  errors: readonly ErrorCode[];
}

/** The sessions that some callers have. */
export type SessionIn<W extends readonly Caller[]> = W[number] extends infer C
  ? C extends Caller<infer S>
    ? S
    : never
  : never;

type Given<P, Q, B, A, W> = {
  name: string;
  method: Method;
  path: string;
  about: string;
  who: W;
  params?: P;
  query?: Q;
  body?: B;
  maxBytes?: number;
  answer: A;
  status?: 200 | 201;
  isSecret?: boolean;
  errors?: readonly ErrorCode[];
};

const usualBytes = 64_000;

/** Makes an endpoint; what is not given stands empty. */
export function endpoint<
  A extends TSchema | Media,
  const W extends readonly Caller[],
  P extends TObject | null = null,
  Q extends TObject | null = null,
  B extends TSchema | Bytes | null = null,
>(given: Given<P, Q, B, A, W>): Endpoint<P, Q, B, A, SessionIn<W>> {
  return {
    ...given,
    who: given.who as unknown as readonly Caller<SessionIn<W>>[],
    params: (given.params ?? null) as P,
    query: (given.query ?? null) as Q,
    body: (given.body ?? null) as B,
    maxBytes: given.maxBytes ?? usualBytes,
    status: given.status ?? 200,
    isSecret: given.isSecret ?? false,
    errors: given.errors ?? [],
  };
}

/** Any endpoint, whatever it takes and gives. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- a session stands in both positions, so no common type fits
export type AnyEndpoint = Endpoint<TObject | null, TObject | null, TSchema | Bytes | null, TSchema | Media, any>;

export type ParamsOf<E> = E extends { params: infer P } ? FieldsOf<P> : never;
export type QueryOf<E> = E extends { query: infer Q } ? FieldsOf<Q> : never;
export type BodyOf<E> = E extends { body: infer B }
  ? B extends TSchema
    ? Static<B>
    : B extends Bytes
      ? Blob
      : undefined
  : never;
export type AnswerOf<E> = E extends { answer: infer A } ? (A extends TSchema ? Static<A> : Response) : never;
export type SessionOf<E> = E extends { who: readonly Caller<infer S>[] } ? S : never;

/** The answer of what only succeeds or fails. */
export const Done = Type.Object({}, closed);

/** Whether an answer is a file or a stream rather than JSON. */
export const isMedia = (answer: TSchema | Media): answer is Media => "media" in answer;
/** Whether a body is bytes rather than JSON. */
export const isBytes = (body: TSchema | Bytes | null): body is Bytes => body !== null && "bytes" in body;

/**
 * The address of an endpoint with its parts filled in.
 *
 * @example addressOf(openBoatCard, { params: { slug: "pale-heron" } }) // "/api/yachts/pale-heron/card.pdf"
 */
export function addressOf(
  { path }: Pick<AnyEndpoint, "path">,
  {
    params = {},
    query = {},
  }: { params?: Readonly<Record<string, unknown>>; query?: Readonly<Record<string, unknown>> } = {},
): string {
  const filled = path.replace(/\{(\w+)\}/g, (_all, name: string) => encodeURIComponent(String(params[name])));
  const asked = new URLSearchParams(
    Object.entries(query).flatMap(([name, value]) =>
      value === undefined || value === null ? [] : [[name, String(value)]],
    ),
  ).toString();
  return asked === "" ? filled : `${filled}?${asked}`;
}
