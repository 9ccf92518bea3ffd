import { printLabels } from "@/api/yachts";
import { labelSheet } from "@/server/pdf/sheets";
import { serve } from "@/server/http/serve";

export const GET = serve(printLabels, ({ db, params, query, request }) =>
  labelSheet(db, params.slug, query.for ?? "places", request),
);
