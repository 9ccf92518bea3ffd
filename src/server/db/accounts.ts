import "server-only";
import type { Role } from "@/api/permissions";
import type { InvitationView, PersonView, SignedInDevice } from "@/api/schemas/people";
import { pool, type Queryable } from "./pool";

/** Everybody who has or had an account at the base, those who work here first, by name. */
export async function staffList(db: Queryable): Promise<PersonView[]> {
  const { rows } = await db.query<PersonView>(
    `select p.id, p.name, s.email, s.roles, s.active,
       (select max(x.created_at) from session x where x.staff_id = p.id) as "seenAt",
       (select count(*)::int from session x where x.staff_id = p.id and x.revoked_at is null and x.expires_at > now()) as sessions,
       exists (select 1 from second_factor f where f.person_id = p.id and f.confirmed_at is not null) as "hasFactor"
     from staff s join person p on p.id = s.person_id order by s.active desc, p.name, p.id`,
  );
  return rows;
}

/** Invitations that are open, newest first. */
export async function openInvitations(db: Queryable, at: string): Promise<InvitationView[]> {
  const { rows } = await db.query<InvitationView>(
    `select id, name, email, roles, expires_at as "until", person_id is not null as "isReset" from invitation
     where used_at is null and ended_at is null and expires_at > $1 order by made_at desc, id`,
    [at],
  );
  return rows;
}

/** Somebody's account; null for a stranger. */
export async function staffAccount(
  db: Queryable,
  personId: string,
): Promise<{ name: string; email: string; roles: Role[]; active: boolean; passwordHash: string } | null> {
  const { rows } = await db.query<{
    name: string;
    email: string;
    roles: Role[];
    active: boolean;
    passwordHash: string;
  }>(
    `select p.name, s.email, s.roles, s.active, s.password_hash as "passwordHash"
     from staff s join person p on p.id = s.person_id where s.person_id = $1`,
    [personId],
  );
  return rows[0] ?? null;
}

/** Whether an address has an account here. An account elsewhere shows when the invitation is taken. */
export async function hasAccount(db: Queryable, email: string): Promise<boolean> {
  return ((await db.query("select 1 from staff where email = $1", [email])).rowCount ?? 0) > 0;
}

/** Keeps an invitation; earlier ones for the same address stop opening. */
export async function addInvitation(
  db: Queryable,
  invitation: {
    id: string;
    secretHash: string;
    personId: string | null;
    name: string;
    email: string;
    roles: readonly Role[];
    by: string;
    at: string;
    until: string;
  },
): Promise<void> {
  const { id, secretHash, personId, name, email, roles, by, at, until } = invitation;
  await db.query("update invitation set ended_at = $2 where email = $1 and used_at is null and ended_at is null", [
    email,
    at,
  ]);
  await db.query(
    `insert into invitation (id, base_id, secret_hash, person_id, name, email, roles, made_by, made_at, expires_at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9)`,
    [id, secretHash, personId, name, email, roles, by, at, until],
  );
}

/** An open invitation by the hash of its secret; null where there is none, or none any more. */
export interface FoundInvitation {
  id: string;
  baseId: string;
  baseName: string;
  personId: string | null;
  name: string;
  email: string;
  roles: Role[];
}
export async function findInvitation(secretHash: string, at: string): Promise<FoundInvitation | null> {
  const { rows } = await pool().query<FoundInvitation>(
    `select id, base_id as "baseId", base_name as "baseName", person_id as "personId", name, email, roles
     from find_invitation($1, $2)`,
    [secretHash, at],
  );
  return rows[0] ?? null;
}

/** Takes an invitation for good. Returns false when it was taken, ended or has run out meanwhile. */
export async function useInvitation(db: Queryable, id: string, at: string): Promise<boolean> {
  const { rowCount } = await db.query(
    "update invitation set used_at = $2 where id = $1 and used_at is null and ended_at is null and expires_at > $2",
    [id, at],
  );
  return rowCount === 1;
}

/** Ends an open invitation. Returns false where there is none. */
export async function endInvitation(db: Queryable, id: string, at: string): Promise<boolean> {
  const { rowCount } = await db.query(
    "update invitation set ended_at = $2 where id = $1 and used_at is null and ended_at is null",
    [id, at],
  );
  return rowCount === 1;
}

/** Gives somebody other roles, or an account back, or takes it. */
export async function setStaff(
  db: Queryable,
  personId: string,
  { roles, active }: { roles: readonly Role[]; active: boolean },
): Promise<void> {
  await db.query("update staff set roles = $2, active = $3 where person_id = $1", [personId, roles, active]);
}

/** Sets somebody's password. */
export async function setPassword(db: Queryable, personId: string, passwordHash: string): Promise<void> {
  await db.query("update staff set password_hash = $2 where person_id = $1", [personId, passwordHash]);
}

/** Ends every session of somebody at the base, but one. */
export async function endSessionsOf(
  db: Queryable,
  personId: string,
  at: string,
  except: string | null = null,
): Promise<void> {
  await db.query(
    `update session set revoked_at = $2 where staff_id = $1 and revoked_at is null and ($3::uuid is null or id <> $3)`,
    [personId, at, except],
  );
}

/** The browsers on which somebody is signed in, the last one first. */
export async function sessionsOf(db: Queryable, personId: string, at: string): Promise<SignedInDevice[]> {
  const { rows } = await db.query<SignedInDevice>(
    `select id, device, created_at as since, expires_at as until from session
     where staff_id = $1 and revoked_at is null and expires_at > $2 order by created_at desc, id`,
    [personId, at],
  );
  return rows;
}

/** Ends one session of somebody. Returns false where there is none that stands. */
export async function endOneSession(db: Queryable, personId: string, id: string, at: string): Promise<boolean> {
  const { rowCount } = await db.query(
    "update session set revoked_at = $3 where staff_id = $1 and id = $2 and revoked_at is null",
    [personId, id, at],
  );
  return rowCount === 1;
}

/** Ends every right to record that devices of somebody have for the base. */
export async function endGrantsOf(db: Queryable, personId: string, at: string): Promise<void> {
  await db.query(
    "update device_grant set revoked_at = $2 where person_id = $1 and side = 'base' and revoked_at is null",
    [personId, at],
  );
}

/** How many managers the base has, besides one. */
export async function managersBesides(db: Queryable, personId: string): Promise<number> {
  const { rows } = await db.query<{ n: number }>(
    "select count(*) as n from staff where active and 'manager' = any(roles) and person_id <> $1",
    [personId],
  );
  return rows[0]?.n ?? 0;
}

/** Somebody who gets an account at the base. */
export interface NewStaff {
  id: string;
  name: string;
  /** in small letters */
  email: string;
  passwordHash: string;
  roles: readonly Role[];
}

/** Gives somebody an account. Returns false when the address has one already, here or at another base. */
export async function addStaff(db: Queryable, staff: NewStaff): Promise<boolean> {
  await db.query("insert into person (id, base_id, name, email) values ($1, current_base(), $2, $3)", [
    staff.id,
    staff.name,
    staff.email,
  ]);
  const { rowCount } = await db.query(
    `insert into staff (person_id, base_id, email, password_hash, roles) values ($1, current_base(), $2, $3, $4)
     on conflict do nothing`,
    [staff.id, staff.email, staff.passwordHash, staff.roles],
  );
  return rowCount === 1;
}
