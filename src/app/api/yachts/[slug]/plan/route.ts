import { readPlan } from "@/api/yachts";
import { serve } from "@/server/http/serve";
import { planOf } from "@/server/yacht/plan";

export const GET = serve(readPlan, ({ db, params }) => planOf(db, params.slug));
