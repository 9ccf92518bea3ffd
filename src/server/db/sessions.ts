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
  factor_due: boolean;
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
    device?: string | null;
    at: string;
    until: string;
  },
): Promise<void> {
  await db.query(
    "insert into session (id, base_id, token_hash, staff_id, charter_id, created_at, expires_at, link_id, device) values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8)",
    [
      randomUUID(),
      session.tokenHash,
      session.staffId,
      session.charterId,
      session.at,
      session.until,
      session.linkId ?? null,
      session.device ?? null,
    ],
  );
}

/** Ends a session. Returns false where the base has none of this id. */
export async function endSession(db: Queryable, id: string, at: string): Promise<boolean> {
  return (await db.query("update session set revoked_at = $2 where id = $1", [id, at])).rowCount === 1;
}

/** Whether somebody of the base has ever signed in. */
export async function hasSignedIn(db: Queryable, personId: string): Promise<boolean> {
  return ((await db.query("select 1 from session where staff_id = $1 limit 1", [personId])).rowCount ?? 0) > 0;
}
