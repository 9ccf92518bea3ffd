import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { findStay, noteAuthority } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

const Authority = Type.Object(
  { reference: Type.String({ minLength: 1, maxLength: 120, pattern: "\\S" }) },
  { additionalProperties: false },
);

/** Notes that the charterer gave the skipper authority, in writing, to settle money. */
export const POST = handle<Context>("note-authority", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { reference } = await readJson(request, Authority, 1000);
  await withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { stayId });
    if (!stay) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
    if (stay.skipperId === stay.chartererId)
      throw new Refusal(409, "same-person", "Skipper and charterer are one person here: no authority is needed.");
    await noteAuthority(db, stay.charterId, reference.trim(), staff.personId);
  });
  return Response.json({ noted: true }, { status: 201 });
});
