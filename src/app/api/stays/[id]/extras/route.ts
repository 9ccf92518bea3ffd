import { putExtra } from "@/api/stays";
import { putExtra as put } from "@/server/settlement/put-extra";
import { serve } from "@/server/http/serve";

export const POST = serve(putExtra, async ({ db, params, body, session }) => ({
  id: await put(db, params.id, body.id, body.extra, body.why.trim(), session.personId),
}));
