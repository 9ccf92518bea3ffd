import "server-only";
import { LRUCache } from "lru-cache";
import type { ProgramSession } from "@/api/callers";
import { now } from "../clock";
import { programBySecret } from "../db/programs";
import { tokenHash } from "./token";

/** How every token of a program begins, so that one that turns up somewhere is known for what it is. */
export const tokenPrefix = "brinecove_";

/** Tokens looked up in the last moments: a program asks often, and an ended token must stop working within seconds. */
const lately = new LRUCache<string, ProgramSession>({ max: 200, ttl: 2000 });

/** The program whose token stands in a request's authorization header; null for a missing, forged or ended one. */
export async function programSession(request: Request): Promise<ProgramSession | null> {
  const header = request.headers.get("authorization") ?? "";
  const token = new RegExp(`^Bearer ${tokenPrefix}([\\w-]{43})$`).exec(header)?.[1];
  if (!token) return null;
  const hash = tokenHash(token);
  const remembered = lately.get(hash);
  if (remembered) return remembered;
  const found = await programBySecret(hash, now());
  if (!found) return null;
  const session: ProgramSession = { kind: "program", ...found };
  lately.set(hash, session);
  return session;
}
