import "server-only";
import type { Static, TSchema } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import {
  type AnyEndpoint,
  type AnswerOf,
  type Bytes,
  type ParamsOf,
  type QueryOf,
  type SessionOf,
  isBytes,
  isMedia,
} from "@/api/endpoint";
import type { Session } from "@/api/callers";
import type { Language } from "@/messages/languages";
import { mismatch } from "@/formats/validate";
import { requireCaller } from "../auth/caller";
import { asDoer, type Doer } from "../db/doer";
import { inBaseTransaction, pool, type Queryable } from "../db/pool";
import { poke } from "../poke/poke";
import { parseParams, parseQuery } from "./address";
import { readBytes, readJson } from "./body";
import { checkDeclared, errorAnswer } from "./error-answer";
import { askedOnce, once } from "./once";
import { isOwnHost } from "./own-host";
import { isOwnOrigin } from "./own-origin";
import { languageOf } from "./language";
import { inTurn } from "./turns";
import { log } from "../log";
import { countRequest } from "../metrics/metrics";

type BodyIn<E> = E extends { body: infer B }
  ? B extends TSchema
    ? Static<B>
    : B extends Bytes
      ? Uint8Array
      : undefined
  : never;

/** What a route's work has to go on: who calls, what was asked, and the base's rows. */
export interface Call<E extends AnyEndpoint> {
  request: Request;
  session: SessionOf<E>;
  params: ParamsOf<E>;
  query: QueryOf<E>;
  body: BodyIn<E>;
  /** in which language the caller reads */
  language: Language;
  /** one transaction that sees the session's base alone; where nobody is asked for, the pool, which sees no base */
  db: Queryable;
  /** pokes the devices of these handovers once the work is committed */
  poke: (...handoverIds: readonly string[]) => void;
}

interface Options {
  /** false for work that takes its own turns with the database; `db` is the pool then */
  transaction?: boolean;
}

interface RouteContext {
  params: Promise<Record<string, string>>;
}
export type Route = (request: Request, context: RouteContext) => Promise<Response>;

/**
 * Makes the route of an endpoint: who calls, what was sent and how much of it, one transaction in the base, the poke
 * after it, and the one shape of an error. The work gets typed values and gives back the endpoint's answer.
 */
export function serve<E extends AnyEndpoint>(
  endpoint: E,
  work: (call: Call<E>) => Promise<AnswerOf<E> | Response>,
  { transaction = true }: Options = {},
): Route {
  return async (request, context) => {
    const requestId = crypto.randomUUID();
    const started = performance.now();
    const answer = await answerTo(endpoint, work, request, context, transaction).catch((error: unknown) => {
      checkDeclared(endpoint, error);
      return errorAnswer(error, requestId, endpoint.name, languageOf(request));
    });
    answer.headers.set("x-request-id", requestId);
    answer.headers.set("cache-control", "private, no-store");
    answer.headers.set("x-content-type-options", "nosniff");
    const ms = performance.now() - started;
    log.info({
      requestId,
      route: endpoint.name,
      method: request.method,
      status: answer.status,
      ms: Math.round(ms),
    });
    countRequest(endpoint.name, endpoint.method, answer.status, ms);
    return answer;
  };
}

async function answerTo<E extends AnyEndpoint>(
  endpoint: E,
  work: (call: Call<E>) => Promise<AnswerOf<E> | Response>,
  request: Request,
  { params }: RouteContext,
  transaction: boolean,
): Promise<Response> {
  if (!isOwnHost(request.headers.get("host"))) throw new AppError("foreign-host");
  // a program sends its token itself; only what a browser sends along by itself could be sent by a foreign page
  const isForPrograms = endpoint.who.every(({ kind }) => kind === "program");
  if (request.method !== "GET" && request.method !== "HEAD" && !isForPrograms && !isOwnOrigin(request))
    throw new AppError("foreign-origin");
  const asked = {
    params: parseParams(endpoint.params, await params),
    query: parseQuery(endpoint.query, new URL(request.url).searchParams),
  };
  const session = await requireCaller(endpoint, request, asked);
  const body = await bodyOf(endpoint, request);
  const poked = new Set<string>();
  const call = (db: Queryable) =>
    ({
      request,
      session,
      ...asked,
      body,
      language: languageOf(request),
      db,
      poke: (...ids) => ids.forEach((id) => poked.add(id)),
    }) as Call<E>;
  const { baseId, id } = session as { baseId: string | null; id: string };
  const value = await asDoer(doerOf(endpoint, session, request), () =>
    baseId !== null && transaction
      ? inTurn(id, () =>
          inBaseTransaction(baseId, (db) =>
            once(db, askedOnce(endpoint, request, session, [asked, body]), () => work(call(db))),
          ),
        )
      : work(call(pool())),
  );
  poke(poked);
  return answerOf(endpoint, value);
}

const mostDevice = 300;

/** In whose name a request is kept in the log of deeds. */
function doerOf({ name }: AnyEndpoint, session: Session, request: Request): Doer {
  const device = request.headers.get("user-agent")?.slice(0, mostDevice);
  const from = { action: name, ...(device ? { device } : {}) };
  switch (session.kind) {
    case "staff":
      return { ...from, kind: "staff", person: session.personId, session: session.id };
    case "device":
      return { ...from, kind: "device", person: session.personId, grant: session.id };
    case "charter":
      return { ...from, kind: "charter", session: session.id };
    case "program":
      return { ...from, kind: "program", person: session.personId, device: session.name };
    case "anyone":
      return { ...from, kind: "anyone" };
  }
}

async function bodyOf({ body, maxBytes }: AnyEndpoint, request: Request): Promise<unknown> {
  if (body === null) return undefined;
  return isBytes(body) ? readBytes(request, maxBytes) : readJson(request, body, maxBytes);
}

function answerOf({ answer, status, name }: AnyEndpoint, value: unknown): Response {
  if (value instanceof Response) return value;
  if (isMedia(answer)) throw new Error(`${name} answers with a file and gave none`);
  const text = JSON.stringify(value);
  if (process.env.BRINECOVE_CHECK_CONTRACT) {
    const wrong = mismatch(answer, JSON.parse(text));
    if (wrong) throw new Error(`${name} answers otherwise than it says: ${wrong.message}`);
  }
  return new Response(text, { status, headers: { "content-type": "application/json" } });
}
