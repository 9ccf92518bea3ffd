import { charterCookie, charterSession, closeSession } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";

export const POST = handle("close-book", async () => {
  const session = await charterSession();
  if (session) await withBase(session.baseId, (db) => closeSession(db, session.id, charterCookie));
  return Response.json({ open: false });
});
