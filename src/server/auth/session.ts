import "server-only";
import { redirect } from "next/navigation";
import { cookies } from "next/headers";
import type { CharterSession, StaffSession } from "@/api/callers";
import { addHours } from "@/core/basics/instant";
import { now } from "../clock";
import { deviceNow } from "../db/doer";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { addSession, endSession, findSession, type SessionRow } from "../db/sessions";
import { freshToken, tokenHash } from "./token";

export const staffCookie = "brinecove-desk";
export const charterCookie = "brinecove-book";
const knownCookie = "brinecove-known";
const staffHours = 14;
const charterHours = 24 * 30;

async function sessionIn(cookie: string): Promise<SessionRow | null> {
  const token = (await cookies()).get(cookie)?.value;
  return token ? findSession(tokenHash(token), now()) : null;
}

/** Who of the base is signed in on this browser, or null. */
export async function staffSession(): Promise<StaffSession | null> {
  const row = await sessionIn(staffCookie);
  return row?.staff_id
    ? {
        kind: "staff",
        id: row.id,
        baseId: row.base_id,
        personId: row.staff_id,
        name: row.name,
        roles: row.roles,
        factorDue: row.factor_due,
      }
    : null;
}

/** Who of the base is signed in, for pages; who is not goes to sign in. A route asks by its endpoint. */
export async function requireStaff(): Promise<StaffSession> {
  const session = await staffSession();
  if (!session) redirect("/sign-in");
  if (session.factorDue) redirect("/second-factor");
  return session;
}

/** The charter opened on this browser, or null. */
export async function charterSession(): Promise<CharterSession | null> {
  const row = await sessionIn(charterCookie);
  return row?.charter_id ? { kind: "charter", id: row.id, baseId: row.base_id, charterId: row.charter_id } : null;
}

/** Opens a session row and sets its http-only cookie. */
export async function openSession(
  db: Queryable,
  who: { staffId: string } | { charterId: string; linkId: string },
): Promise<void> {
  await endEarlier(db, "staffId" in who ? staffCookie : charterCookie);
  const token = freshToken();
  const isStaff = "staffId" in who;
  const hours = isStaff ? staffHours : charterHours;
  await addSession(db, {
    tokenHash: tokenHash(token),
    staffId: isStaff ? who.staffId : null,
    charterId: isStaff ? null : who.charterId,
    linkId: isStaff ? null : who.linkId,
    device: isStaff ? deviceNow() : null,
    at: now(),
    until: addHours(now(), hours),
  });
  (await cookies()).set(isStaff ? staffCookie : charterCookie, token, {
    httpOnly: true,
    sameSite: "lax",
    path: "/",
    secure: process.env.ORIGIN?.startsWith("https:") ?? false,
    maxAge: hours * 3600,
  });
  if (isStaff) await rememberBrowser(token);
}

/** A browser has one session of a kind: signing in again ends the one before, also that of somebody else. */
async function endEarlier(db: Queryable, cookie: string): Promise<void> {
  const earlier = await sessionIn(cookie);
  // by the transaction that is under way: it may have touched that session already, and another would wait for it for ever
  if (!earlier || (await endSession(db, earlier.id, now()))) return;
  await inBaseTransaction(earlier.base_id, (other) => endSession(other, earlier.id, now()));
}

/** Marks a browser as one that somebody has signed in on; it opens nothing. */
async function rememberBrowser(token: string): Promise<void> {
  (await cookies()).set(knownCookie, token, {
    httpOnly: true,
    sameSite: "strict",
    path: "/api/sign-in",
    secure: process.env.ORIGIN?.startsWith("https:") ?? false,
    maxAge: 365 * 24 * 3600,
  });
}

/** The mark of a browser that somebody has signed in on, as a hash; null for a strange one. */
export async function browserMark(): Promise<string | null> {
  const token = (await cookies()).get(knownCookie)?.value;
  return token ? tokenHash(token) : null;
}

/** Ends the session and takes its cookie away. */
export async function closeSession(db: Queryable, id: string, cookie: string): Promise<void> {
  await endSession(db, id, now());
  (await cookies()).delete(cookie);
}
