import { printStatement } from "@/api/stays";
import { statementPdf } from "@/server/pdf/statement";
import { pdfAnswer } from "@/server/pdf/answer";
import { serve } from "@/server/http/serve";

export const GET = serve(printStatement, async ({ db, params, query }) =>
  pdfAnswer(await statementPdf(db, params.id, query.language)),
);
