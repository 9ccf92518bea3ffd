import { endFactor } from "@/api/second-factor";
import { serve } from "@/server/http/serve";
import { endFactorOf } from "@/server/auth/second-factor";

export const POST = serve(endFactor, ({ db, params }) => endFactorOf(db, params.id));
