import { decideCharge } from "@/api/stays";
import { decide } from "@/server/settlement/decide";
import { may } from "@/api/permissions";
import { serve } from "@/server/http/serve";

export const POST = serve(decideCharge, async ({ db, params, body, session }) => {
  await decide(
    db,
    params.id,
    body.differenceId,
    body.decision,
    body.why,
    session.personId,
    may(session, "say-gross-negligence"),
  );
  return {};
});
