import { renewCodes } from "@/api/second-factor";
import { serve } from "@/server/http/serve";
import { renewRecoveryCodes } from "@/server/auth/second-factor";

export const POST = serve(renewCodes, ({ db, body, session }) => renewRecoveryCodes(db, session, body.code));
