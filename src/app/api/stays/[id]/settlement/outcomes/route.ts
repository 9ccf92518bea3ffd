import { agreeSum } from "@/api/stays";
import { agree } from "@/server/settlement/conclude";
import { serve } from "@/server/http/serve";

export const POST = serve(agreeSum, async ({ db, params, body, session }) => {
  await agree(db, params.id, body.line, body.amountMinor, body.words.trim(), session.personId);
  return {};
});
