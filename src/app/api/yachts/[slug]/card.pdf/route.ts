import { printCard } from "@/api/yachts";
import { cardSheet } from "@/server/pdf/sheets";
import { serve } from "@/server/http/serve";

export const GET = serve(printCard, ({ db, params }) => cardSheet(db, params.slug));
