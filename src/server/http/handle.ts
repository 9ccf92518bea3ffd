import "server-only";
import { BadInput } from "@/core/basics/calculation";
import { log } from "./log";
import { Refusal } from "./refusal";

/** What went wrong, as every error of the API says it. */
export interface ErrorBody {
  error: { code: string; message: string; where: string | null; requestId: string };
}

type Handler<Context> = (request: Request, context: Context) => Promise<Response>;

/** Whether a change comes from our own pages. A browser always says where from; who says nothing is refused. */
function isOwnOrigin(request: Request): boolean {
  const origin = request.headers.get("origin");
  if (origin === null) return request.headers.get("sec-fetch-site") === "same-origin";
  if (process.env.ORIGIN) return origin === process.env.ORIGIN;
  return URL.canParse(origin) && new URL(origin).host === request.headers.get("host");
}

/**
 * Wraps a route: a change from another site is refused, refusals become their status with a readable body, anything unforeseen a 500 without inner detail;
 * both name the request id, under which the log has the rest.
 */
export function handle<Context>(name: string, work: Handler<Context>): Handler<Context> {
  return async (request, context) => {
    const requestId = crypto.randomUUID();
    const started = performance.now();
    const isRead = request.method === "GET" || request.method === "HEAD";
    const allowed =
      isRead || isOwnOrigin(request)
        ? work(request, context)
        : Promise.reject(new Refusal(403, "foreign-origin", "This change came from another site and was refused."));
    const answer = await allowed.catch((error: unknown) => errorResponse(error, requestId, name));
    answer.headers.set("x-request-id", requestId);
    answer.headers.set("cache-control", "private, no-store");
    answer.headers.set("x-content-type-options", "nosniff");
    log.info({
      requestId,
      route: name,
      method: request.method,
      status: answer.status,
      ms: Math.round(performance.now() - started),
    });
    return answer;
  };
}

function errorResponse(error: unknown, requestId: string, route: string): Response {
  const body = (code: string, message: string, where: string | null = null): ErrorBody => ({
    error: { code, message, where, requestId },
  });
  if (error instanceof Refusal)
    return Response.json(body(error.code, error.message, error.where), { status: error.status });
  if (error instanceof BadInput) return Response.json(body("wrong-input", error.message, error.where), { status: 422 });
  const code = (error as { code?: string }).code ?? "";
  if (
    /^(ECONNREFUSED|ECONNRESET|57P0[123]|08\d{3})$/.test(code) ||
    /timeout exceeded when trying to connect|Connection terminated/.test(String((error as Error).message))
  ) {
    log.error({ requestId, route, code }, "database out of reach");
    return Response.json(
      body(
        "database-away",
        "The base's database cannot be reached just now. What is kept on the device stays there; try again.",
      ),
      { status: 503 },
    );
  }
  log.error({ requestId, route, code, stack: (error as Error).stack }, "unforeseen");
  return Response.json(
    body("unforeseen", `Something went wrong here, not with you. Tell the base this number: ${requestId}.`),
    { status: 500 },
  );
}
