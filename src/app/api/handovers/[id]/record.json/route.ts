import { requireReaderOfHandover } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { exportName, sealedFile } from "@/server/handover/sealed-export";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";

interface Context {
  params: Promise<{ id: string }>;
}

/** The sealed record as JSON, as `./brinecove calc compare` and `./brinecove verify` read it. */
export const GET = handle<Context>("record-json", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfHandover(id);
  const file = await withBase(baseId, (db) => sealedFile(db, id));
  return Response.json(file, {
    headers: { "content-disposition": `attachment; filename="${exportName(file, "json")}"` },
  });
});
