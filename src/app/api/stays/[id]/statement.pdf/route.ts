import { requireReaderOfStay } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { statementPdf } from "@/server/pdf/statement";

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = handle<Context>("statement-pdf", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfStay(id);
  const { bytes, name } = await withBase(baseId, (db) => statementPdf(db, id));
  return new Response(new Uint8Array(bytes), { headers: { "content-type": "application/pdf", "content-disposition": `inline; filename="${name}"` } });
});
