import { requireGrant } from "@/server/auth/grant";
import { fetchBoatData } from "@/server/boat-data/gateway";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";
import { handoverById } from "@/server/handover/list-cache";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

/** What the yacht's own gateway measures of this handover's readings, now. Nothing is recorded by asking. */
export const GET = handle<Context>("boat-data", async (request, { params }) => {
  const id = idParam((await params).id);
  const grant = await requireGrant(request, id);
  const { list, yachtId } = await handoverById(grant.baseId, id);
  const yacht = await withBase(grant.baseId, (db) => findYacht(db, { id: yachtId }));
  if (!yacht) throw new Refusal(404, "no-such-yacht", "There is no such yacht here.");
  return Response.json(await fetchBoatData(list, yacht.slug));
});
