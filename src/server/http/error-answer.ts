import "server-only";
import { AppError } from "@/api/app-error";
import type { AnyEndpoint } from "@/api/endpoint";
import { commonErrors } from "@/api/errors";
import type { ErrorBody } from "@/api/schemas/error";
import { InputError } from "@/core/basics/calculation";
import { errorWords } from "@/messages/error-words";
import type { Language } from "@/messages/languages";
import { translatorOf } from "@/messages/translator";
import { log } from "../log";
import { usualLanguage } from "@/core/basics/languages";

/** What a database says when it cannot be reached. */
const awayCodes = /^(ECONNREFUSED|ECONNRESET|57P0[123]|08\d{3})$/;
const awayWords = /timeout exceeded when trying to connect|Connection terminated/;

/**
 * The answer to whatever went wrong: an error of ours with its code, values and sentence; anything unforeseen a 500
 * without inner detail. Both name the request id, under which the log has the rest.
 */
export function errorAnswer(
  thrown: unknown,
  requestId: string,
  route: string,
  language: Language = usualLanguage,
): Response {
  const error = known(thrown, requestId);
  if (error.code === "unforeseen" || error.code === "database-away") {
    const { code, stack } = thrown as { code?: string; stack?: string };
    log.error({ requestId, route, code: code ?? "", ...(error.code === "unforeseen" ? { stack } : {}) }, error.code);
  }
  const { code, params, where } = error;
  const body: ErrorBody = {
    error: { code, params, message: errorWords(translatorOf(language), error), where, requestId },
  };
  return Response.json(body, { status: error.status });
}

function known(thrown: unknown, requestId: string): AppError {
  if (thrown instanceof AppError) return thrown;
  if (thrown instanceof InputError) return new AppError("wrong-input", { what: thrown.message }, thrown.where);
  const { code, message } = thrown as { code?: string; message?: string };
  if (awayCodes.test(String(code ?? "")) || awayWords.test(String(message))) return new AppError("database-away");
  // class 53: the disk or the memory of the database is full
  if (/^53[12]00$/.test(String(code ?? "")) || code === "ENOSPC") return new AppError("disk-full");
  return new AppError("unforeseen", { request: requestId });
}

/** In tests, an error that an endpoint gives and does not say it can give is a fault of the contract. */
export function checkDeclared({ name, errors }: AnyEndpoint, thrown: unknown): void {
  if (!process.env.BRINECOVE_CHECK_CONTRACT || !(thrown instanceof AppError)) return;
  if (errors.includes(thrown.code) || commonErrors.includes(thrown.code)) return;
  log.error({ route: name, code: thrown.code }, "an error that the endpoint does not name");
  if (process.env.BRINECOVE_CHECK_CONTRACT === "strict")
    throw new Error(`${name} does not say that it can answer "${thrown.code}"`);
}
