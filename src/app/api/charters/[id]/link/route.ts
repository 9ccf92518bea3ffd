import { addHours } from "@/core/basics/instant";
import { makeCharterLink } from "@/server/auth/charter-link";
import { requireStaff } from "@/server/auth/session";
import { findStay } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

/** Days after the end of a charter until its link stops opening. */
const daysAfter = 60;

/** Makes a fresh private link with PIN for a charter; earlier ones stop working. */
export const POST = handle<Context>("make-link", async (_request, { params }) => {
  const staff = await requireStaff();
  const charterId = idParam((await params).id);
  return withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { charterId });
    if (!stay) throw new Refusal(404, "no-such-charter", "There is no such charter here.");
    const { secret, pin } = await makeCharterLink(db, staff.baseId, charterId, addHours(stay.endsAt, 24 * daysAfter));
    return Response.json({ path: `/book#${secret}`, pin });
  });
});
