import { confirmFactor } from "@/api/second-factor";
import { serve } from "@/server/http/serve";
import { confirmSecondFactor } from "@/server/auth/second-factor";

export const POST = serve(confirmFactor, ({ db, body, session }) => confirmSecondFactor(db, session, body.code));
