import "server-only";
import { cookies } from "next/headers";
import { randomUUID } from "node:crypto";
import { addHours } from "@/core/basics/instant";
import { now } from "../clock";
import { pool, type Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { freshToken, tokenHash } from "./token";

export const staffCookie = "brinecove-desk";
export const charterCookie = "brinecove-book";
const staffHours = 14;
const charterHours = 24 * 30;

export type Role = "briefer" | "technician" | "office" | "manager";

/** Somebody of the base, signed in. */
export interface StaffSession {
  id: string;
  baseId: string;
  personId: string;
  name: string;
  roles: Role[];
}

/** A charter's people, come in by link and PIN. */
export interface CharterSession {
  id: string;
  baseId: string;
  charterId: string;
}

interface SessionRow {
  id: string;
  base_id: string;
  staff_id: string | null;
  charter_id: string | null;
  name: string;
  roles: Role[];
}

async function findSession(token: string | undefined): Promise<SessionRow | null> {
  if (!token) return null;
  const { rows } = await pool().query<SessionRow>("select * from find_session($1, $2)", [tokenHash(token), now()]);
  return rows[0] ?? null;
}

/** Who of the base is signed in on this browser, or null. */
export async function staffSession(): Promise<StaffSession | null> {
  const row = await findSession((await cookies()).get(staffCookie)?.value);
  return row?.staff_id
    ? { id: row.id, baseId: row.base_id, personId: row.staff_id, name: row.name, roles: row.roles }
    : null;
}

/** Who of the base is signed in; refuses when nobody is. */
export async function requireStaff(): Promise<StaffSession> {
  const session = await staffSession();
  if (!session)
    throw new Refusal(
      401,
      "not-signed-in",
      "You are not signed in, or it was too long ago. Sign in again; nothing on this device is lost.",
    );
  return session;
}

/** The charter opened on this browser, or null. */
export async function charterSession(): Promise<CharterSession | null> {
  const row = await findSession((await cookies()).get(charterCookie)?.value);
  return row?.charter_id ? { id: row.id, baseId: row.base_id, charterId: row.charter_id } : null;
}

/** Opens a session row and sets its http-only cookie. */
export async function openSession(
  db: Queryable,
  baseId: string,
  who: { staffId: string } | { charterId: string },
): Promise<void> {
  const token = freshToken();
  const isStaff = "staffId" in who;
  const hours = isStaff ? staffHours : charterHours;
  await db.query(
    "insert into session (id, base_id, token_hash, staff_id, charter_id, created_at, expires_at) values ($1, $2, $3, $4, $5, $6, $7)",
    [
      randomUUID(),
      baseId,
      tokenHash(token),
      isStaff ? who.staffId : null,
      isStaff ? null : who.charterId,
      now(),
      addHours(now(), hours),
    ],
  );
  (await cookies()).set(isStaff ? staffCookie : charterCookie, token, {
    httpOnly: true,
    sameSite: "lax",
    path: "/",
    secure: process.env.ORIGIN?.startsWith("https:") ?? false,
    maxAge: hours * 3600,
  });
}

/** Ends the session and takes its cookie away. */
export async function closeSession(db: Queryable, id: string, cookie: string): Promise<void> {
  await db.query("update session set revoked_at = $2 where id = $1", [id, now()]);
  (await cookies()).delete(cookie);
}
