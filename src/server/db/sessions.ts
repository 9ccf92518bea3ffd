import "server-only";
import { randomUUID } from "node:crypto";
import type { Role } from "@/api/permissions";
import { pool, type Queryable } from "./pool";

export interface SessionRow {
  id: string;
  base_id: string;
  staff_id: string | null;
  charter_id: string | null;
  name: string;
  roles: Role[];
}

/** The session behind a token's hash, if it stands; looked up before anyone knows of which base it is. */
export async function findSession(tokenHash: string, at: string): Promise<SessionRow | null> {
  return (await pool().query<SessionRow>("select * from find_session($1, $2)", [tokenHash, at])).rows[0] ?? null;
}

/** Adds a session of somebody of the base, or of a charter's people. */
export async function addSession(
  db: Queryable,
  session: {
    tokenHash: string;
    staffId: string | null;
    charterId: string | null;
    linkId?: string | null;
    at: string;
    until: string;
  },
): Promise<void> {
  await db.query(
    "insert into session (id, base_id, token_hash, staff_id, charter_id, created_at, expires_at, link_id) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [
      randomUUID(),
      session.tokenHash,
      session.staffId,
      session.charterId,
      session.at,
      session.until,
      session.linkId ?? null,
    ],
  );
}

/** Ends a session. */
export async function endSession(db: Queryable, id: string, at: string): Promise<void> {
  await db.query("update session set revoked_at = $2 where id = $1", [id, at]);
}
