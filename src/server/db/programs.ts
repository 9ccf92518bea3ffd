import "server-only";
import type { ProgramView } from "@/api/schemas/programs";
import type { Instant } from "@/core/basics/instant";
import type { Scope } from "@/core/programs/scopes";
import { pool, type Queryable } from "./pool";

/** The program that a token is of, while it stands; notes that it was used. */
export async function programBySecret(
  secretHash: string,
  at: Instant,
): Promise<{ id: string; baseId: string; name: string; scopes: Scope[]; personId: string } | null> {
  const { rows } = await pool().query<{ id: string; baseId: string; name: string; scopes: Scope[]; personId: string }>(
    `select id, base_id as "baseId", name, scopes, by_person as "personId" from program_by_secret($1, $2)`,
    [secretHash, at],
  );
  return rows[0] ?? null;
}

/** Adds a program's token. */
export async function addProgram(
  db: Queryable,
  {
    id,
    name,
    secretHash,
    scopes,
    by,
    at,
  }: { id: string; name: string; secretHash: string; scopes: readonly Scope[]; by: string; at: Instant },
): Promise<void> {
  await db.query(
    "insert into program (id, base_id, name, secret_hash, scopes, by_person, at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [id, name, secretHash, scopes, by, at],
  );
}

/** Ends a token. Returns false where there is none of this id that stands. */
export async function endProgram(db: Queryable, id: string, at: Instant): Promise<boolean> {
  const { rowCount } = await db.query("update program set ended_at = $2 where id = $1 and ended_at is null", [id, at]);
  return rowCount === 1;
}

/** The tokens that stand, newest first. */
export async function standingPrograms(db: Queryable): Promise<ProgramView[]> {
  const { rows } = await db.query<ProgramView>(
    `select g.id, g.name, g.scopes, p.name as by, g.at, g.used_at as "usedAt" from program g
     join person p on p.base_id = g.base_id and p.id = g.by_person where g.ended_at is null order by g.at desc, g.id`,
  );
  return rows;
}
