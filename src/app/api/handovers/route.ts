import { OpenRequest } from "@/formats/wire";
import { makeGrant } from "@/server/auth/grant";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handoverBundle } from "@/server/handover/bundle";
import { openHandover } from "@/server/handover/open";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";

/** Opens a check-in or check-out, or joins it, and gives this device the right to record on it. */
export const POST = handle("open-handover", async (request) => {
  const staff = await requireStaff();
  const { stayId, kind } = await readJson(request, OpenRequest, 1000);
  return withBase(staff.baseId, async (db) => {
    const { id, fresh } = await openHandover(db, stayId, kind, staff.personId);
    const grant = await makeGrant(db, staff.baseId, id, staff.personId);
    const bundle = await handoverBundle(db, id, staff.personId);
    return Response.json({ handover: id, grant, bundle }, { status: fresh ? 201 : 200 });
  });
});
