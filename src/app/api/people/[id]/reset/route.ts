import { makeResetLink } from "@/api/people";
import { serve } from "@/server/http/serve";
import { resetLink } from "@/server/people/invite";

export const POST = serve(makeResetLink, ({ db, params, session }) => resetLink(db, params.id, session.personId));
