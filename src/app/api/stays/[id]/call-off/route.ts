import { callOffCharter } from "@/api/charters";
import { callOff } from "@/server/charters/call-off";
import { serve } from "@/server/http/serve";

export const POST = serve(callOffCharter, ({ db, params, body, session }) =>
  callOff(db, params.id, body, session.personId),
);
