import "server-only";
import { aboard, type Role } from "@/api/permissions";
import type { Queryable } from "./pool";

/** Those of some people who are managers of the base. */
export async function managersAmong(db: Queryable, people: readonly string[]): Promise<Set<string>> {
  const { rows } = await db.query<{ id: string }>(
    "select person_id as id from staff where person_id = any($1) and active and 'manager' = any(roles)",
    [[...new Set(people)]],
  );
  return new Set(rows.map((row) => row.id));
}

/** Somebody who works at the base, by name, with what they are; null for anybody else. */
export async function findStaffMember(
  db: Queryable,
  personId: string,
): Promise<{ name: string; roles: Role[] } | null> {
  const { rows } = await db.query<{ name: string; roles: Role[] }>(
    "select p.name, s.roles from staff s join person p on p.id = s.person_id where s.person_id = $1 and s.active",
    [personId],
  );
  return rows[0] ?? null;
}

/** Whether somebody works at the base. */
export async function isStaff(db: Queryable, personId: string): Promise<boolean> {
  return ((await db.query("select 1 from staff where person_id = $1 and active", [personId])).rowCount ?? 0) > 0;
}

/** Those who work on yachts, by name. */
export async function workers(db: Queryable): Promise<{ id: string; name: string }[]> {
  const { rows } = await db.query<{ id: string; name: string }>(
    `select p.id, p.name from staff s join person p on p.id = s.person_id
     where s.active and s.roles && $1::text[] order by p.name`,
    [aboard],
  );
  return rows;
}

/** The names of everybody who works at the base. */
export async function staffNames(db: Queryable): Promise<string[]> {
  const { rows } = await db.query<{ name: string }>(
    "select p.name from staff s join person p on p.id = s.person_id where s.active",
  );
  return rows.map(({ name }) => name);
}
