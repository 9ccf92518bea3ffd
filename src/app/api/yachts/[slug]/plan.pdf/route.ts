import { printPlan } from "@/api/yachts";
import { planSheet } from "@/server/pdf/sheets";
import { serve } from "@/server/http/serve";

export const GET = serve(printPlan, ({ db, params }) => planSheet(db, params.slug));
