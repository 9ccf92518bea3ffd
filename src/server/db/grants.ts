import "server-only";
import { randomUUID } from "node:crypto";
import type { PartySide } from "@/core/basics/ids";
import { pool, type Queryable } from "./pool";

export interface GrantRow {
  id: string;
  base_id: string;
  handover_id: string;
  person_id: string;
  side: PartySide;
}

/** The grant behind a token's hash, if it stands. */
export async function findGrant(tokenHash: string, at: string): Promise<GrantRow | null> {
  return (await pool().query<GrantRow>("select * from find_grant($1, $2)", [tokenHash, at])).rows[0] ?? null;
}

/** Adds a device's grant on a handover. */
export async function addGrant(
  db: Queryable,
  grant: { handoverId: string; tokenHash: string; personId: string; side: PartySide; at: string },
): Promise<{ id: string; baseId: string }> {
  const { rows } = await db.query<{ id: string; baseId: string }>(
    `insert into device_grant (id, base_id, handover_id, token_hash, person_id, created_at, side) values ($1, current_base(), $2, $3, $4, $5, $6)
     returning id, base_id as "baseId"`,
    [randomUUID(), grant.handoverId, grant.tokenHash, grant.personId, grant.at, grant.side],
  );
  return rows[0] as { id: string; baseId: string };
}

/** How many devices of the skipper's side record on a handover. */
export async function countJoined(db: Queryable, handoverId: string): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    "select count(*)::int as count from device_grant where handover_id = $1 and side = 'skipper' and revoked_at is null",
    [handoverId],
  );
  return rows[0]?.count ?? 0;
}
