import "server-only";
import { inBaseTransaction } from "../db/pool";
import { charterCookie, charterSession, closeSession, staffCookie, staffSession } from "./session";

/** Ends the session of who is signed in here, if anybody is. */
export async function signOutHere(): Promise<Record<string, never>> {
  const session = await staffSession();
  if (session) await inBaseTransaction(session.baseId, (db) => closeSession(db, session.id, staffCookie));
  return {};
}

/** Ends the boat book's session on this browser, if there is one. */
export async function closeOpenBook(): Promise<Record<string, never>> {
  const session = await charterSession();
  if (session) await inBaseTransaction(session.baseId, (db) => closeSession(db, session.id, charterCookie));
  return {};
}
