import { beginFactor } from "@/api/second-factor";
import { serve } from "@/server/http/serve";
import { beginSecondFactor } from "@/server/auth/second-factor";

export const POST = serve(beginFactor, ({ db, session }) => beginSecondFactor(db, session));
