import { printRecord } from "@/api/handovers";
import { recordPdf } from "@/server/pdf/record";
import { pdfAnswer } from "@/server/pdf/answer";
import { serve } from "@/server/http/serve";

export const GET = serve(printRecord, async ({ db, params, query }) =>
  pdfAnswer(await recordPdf(db, params.id, query.language)),
);
