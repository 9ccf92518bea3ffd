import { objectToLine } from "@/api/stays";
import { object } from "@/server/settlement/conclude";
import { serve } from "@/server/http/serve";

export const POST = serve(objectToLine, async ({ db, params, body, session }) => {
  await object(db, params.id, body.line, body.words.trim(), session.kind === "staff" ? session.personId : null);
  return {};
});
