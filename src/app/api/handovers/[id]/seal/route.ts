import { SealRequest } from "@/formats/wire";
import { requireGrant } from "@/server/auth/grant";
import { withBase } from "@/server/db/pool";
import { feed } from "@/server/handover/feed";
import { sealHandover } from "@/server/handover/seal";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

export const POST = handle<Context>("seal", async (request, { params }) => {
  const id = idParam((await params).id);
  const grant = await requireGrant(request, id);
  if (grant.side !== "base") throw new Refusal(403, "not-yours", "Both sign on a device of the base.");
  const sealing = await readJson(request, SealRequest, 4_000_000);
  const outcome = await withBase(grant.baseId, (db) => sealHandover(db, id, sealing));
  feed().emit(id);
  return Response.json(outcome);
});
