import { requireReaderOfHandover } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { pdfAnswer } from "@/server/pdf/answer";
import { leftPdf } from "@/server/pdf/left";

interface Context {
  params: Promise<{ id: string }>;
}

/** What is left of a handover, to be printed and filled in by hand. */
export const GET = handle<Context>("left-pdf", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfHandover(id);
  return pdfAnswer(await withBase(baseId, (db) => leftPdf(db, id)));
});
