import { requireReaderOfHandover } from "@/server/auth/reader";
import { withBase } from "@/server/db/pool";
import { sealedRecord } from "@/server/handover/record";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";

interface Context {
  params: Promise<{ id: string }>;
}

/** The sealed record as JSON, as `./brinecove calc compare` and `./brinecove verify` read it. */
export const GET = handle<Context>("record-json", async (_request, { params }) => {
  const id = idParam((await params).id);
  const baseId = await requireReaderOfHandover(id);
  const record = await withBase(baseId, (db) => sealedRecord(db, id));
  const { list, entries, seal, addenda } = record;
  const body = { format: "brinecove/record/1", list, entries, manifest: seal.manifest, signatures: seal.signatures, seal: seal.seal, sealedAt: seal.sealedAt, addenda };
  return Response.json(body, { headers: { "content-disposition": `attachment; filename="${list.kind}-${list.yacht.name.toLowerCase().replaceAll(" ", "-")}.json"` } });
});
