import { printStatementOutside } from "@/api/outside";
import { statementPaperFor } from "@/server/outside/statement";
import { pdfAnswer } from "@/server/pdf/answer";
import { serve } from "@/server/http/serve";

export const GET = serve(printStatementOutside, async ({ db, params }) =>
  pdfAnswer(await statementPaperFor(db, params.reference)),
);
