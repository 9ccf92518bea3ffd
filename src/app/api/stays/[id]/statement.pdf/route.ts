import { requireReaderOfStay } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { pdfAnswer } from "@/server/pdf/answer";
import { statementPdf } from "@/server/pdf/statement";

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = handle<Context>("statement-pdf", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfStay(id);
  return pdfAnswer(await withBase(baseId, (db) => statementPdf(db, id)));
});
