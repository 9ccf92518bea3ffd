import { requireGrant } from "@/server/auth/grant";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { makeJoinCode } from "@/server/handover/join";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

/** Makes the code by which crew join this handover; a device of the base shows it. */
export const POST = handle<Context>("join-code", async (request, { params }) => {
  const id = idParam((await params).id);
  const grant = await requireGrant(request, id);
  if (grant.side !== "base") throw new Refusal(403, "not-yours", "The briefer's device makes the code.");
  return Response.json(await withBase(grant.baseId, (db) => makeJoinCode(db, id)), { status: 201 });
});
