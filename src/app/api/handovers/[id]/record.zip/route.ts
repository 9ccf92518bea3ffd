import { requireReaderOfHandover } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { sealedZip } from "@/server/handover/sealed-export";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";

interface Context {
  params: Promise<{ id: string }>;
}

/** Everything of a sealed record as one zip, as `./brinecove verify` reads it. */
export const GET = handle<Context>("record-zip", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfHandover(id);
  const { name, bytes } = await withBase(baseId, (db) => sealedZip(db, id));
  return new Response(new Uint8Array(bytes), {
    headers: { "content-type": "application/zip", "content-disposition": `attachment; filename="${name}"` },
  });
});
