import { chooseRecord } from "@/api/handovers";
import { chooseSeal } from "@/server/handover/choose-seal";
import { serve } from "@/server/http/serve";

export const POST = serve(chooseRecord, async ({ db, params, body, session, poke }) => {
  await chooseSeal(db, params.id, body.seal, body.why.trim(), session.personId);
  poke(params.id);
  return {};
});
