import { closeSession, staffCookie, staffSession } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";

export const POST = handle("sign-out", async () => {
  const session = await staffSession();
  if (session) await withBase(session.baseId, (db) => closeSession(db, session.id, staffCookie));
  return Response.json({ signedIn: false });
});
