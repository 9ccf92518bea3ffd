import { requireReaderOfHandover } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { pdfAnswer } from "@/server/pdf/answer";
import { recordPdf } from "@/server/pdf/record";

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = handle<Context>("record-pdf", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfHandover(id);
  return pdfAnswer(await withBase(baseId, (db) => recordPdf(db, id)));
});
