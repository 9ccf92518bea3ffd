import { endOwnFactor } from "@/api/second-factor";
import { serve } from "@/server/http/serve";
import { endOwnFactor as end } from "@/server/auth/second-factor";

export const POST = serve(endOwnFactor, ({ db, body, session }) => end(db, session, body.code));
