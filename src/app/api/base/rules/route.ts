import { settleRules } from "@/api/base";
import { settleBaseRules } from "@/server/base/settle-rules";
import { serve } from "@/server/http/serve";

export const POST = serve(settleRules, async ({ db, body, session }) => settleBaseRules(db, body, session.personId));
