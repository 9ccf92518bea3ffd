import { Type } from "@sinclair/typebox";
import { CrewMember } from "@/formats/desk";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { findStay } from "@/server/db/charters";
import { addCrewList } from "@/server/db/crew";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}
const Crew = Type.Object({ crew: Type.Array(CrewMember, { maxItems: 40 }) }, { additionalProperties: false });

/** Keeps the crew list of a stay: names, and weights for the life jackets. */
export const POST = handle<Context>("crew-list", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { crew } = await readJson(request, Crew, 20_000);
  await withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { stayId });
    if (!stay) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
    if (crew.length > stay.aboard)
      throw new Refusal(
        422,
        "too-many",
        `The charter says ${stay.aboard} aboard, the list has ${crew.length}. Change one or the other.`,
        "/crew",
      );
    await addCrewList(db, stayId, crew, staff.personId, now());
  });
  return Response.json({ kept: crew.length }, { status: 201 });
});
