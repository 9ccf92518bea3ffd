import { liftClearance } from "@/api/handovers";
import { liftClearance as lift } from "@/server/sealing/clearance";
import { serve } from "@/server/http/serve";

export const POST = serve(liftClearance, async ({ db, params, body, session }) => {
  await lift(db, params.id, body.how, body.why.trim(), session.personId);
  return {};
});
