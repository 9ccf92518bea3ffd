import "server-only";
import { createHash } from "node:crypto";
import type { Session } from "@/api/callers";
import type { AnyEndpoint } from "@/api/endpoint";
import { now } from "../clock";
import { answeredBefore, keepAnswer } from "../db/answered-requests";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";

/** The header with which a client says that a request is one it may send again. */
export const onceHeader = "idempotency-key";

/**
 * What is the same when a request is sent again: who asks, for what, under which key. Null for one that is not marked so.
 * Only the base's own people: what guests and devices send has ids of its own, and nobody outside fills the book of answers.
 */
export function askedOnce(
  { name, method, isSecret }: AnyEndpoint,
  request: Request,
  caller: Pick<Session, "kind"> & { id?: string },
  asked: object,
): string | null {
  const key = request.headers.get(onceHeader);
  if (caller.kind !== "staff" || method === "GET" || key === null || !/^[\w-]{8,80}$/.test(key)) return null;
  // an answer with a PIN or a code in it is kept nowhere
  if (isSecret) return null;
  return createHash("sha256")
    .update(JSON.stringify([name, caller.id, key, asked]))
    .digest("hex");
}

/** Does work once: the same request again gets the answer of the first, and nothing is done a second time. */
export async function once<T>(db: Queryable, asked: string | null, work: () => Promise<T>): Promise<T> {
  if (asked === null) return work();
  await takeTurns(db, `asked ${asked}`);
  const before = await answeredBefore(db, asked);
  if (before) return before.answer as T;
  const answer = await work();
  if (!(answer instanceof Response)) await keepAnswer(db, asked, answer, now());
  return answer;
}
