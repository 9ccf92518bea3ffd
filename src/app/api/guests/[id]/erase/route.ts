import { eraseGuest } from "@/api/private";
import { serve } from "@/server/http/serve";
import { eraseOnRequest } from "@/server/private/guest";

export const POST = serve(eraseGuest, ({ db, params, body, session }) =>
  eraseOnRequest(db, params.id, body.why, session.personId),
);
