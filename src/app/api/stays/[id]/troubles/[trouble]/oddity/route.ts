import { oddityFromCall } from "@/api/stays";
import { serve } from "@/server/http/serve";
import { oddityFromCallOf } from "@/server/calls/oddity-from-call";

export const POST = serve(oddityFromCall, ({ db, params, body, session }) =>
  oddityFromCallOf(db, params.id, params.trouble, body.words, session.personId),
);
