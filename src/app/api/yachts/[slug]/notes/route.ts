import { Type } from "@sinclair/typebox";
import { requireGrant } from "@/server/auth/grant";
import { charterSession, staffSession } from "@/server/auth/session";
import { findStay } from "@/server/db/charters";
import { findHandover } from "@/server/db/handovers";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";
import { editedYacht } from "@/server/yacht/edited-file";
import { takeNotes } from "@/server/yacht/notes";

interface Context {
  params: Promise<{ slug: string }>;
}

const Body = Type.Object(
  { notes: Type.Array(Type.Unknown(), { minItems: 1, maxItems: 200 }) },
  { additionalProperties: false },
);

/** Who writes: a device of a handover of this yacht, somebody of the base, or the crew of one of her charters. */
async function writer(request: Request, slug: string): Promise<{ baseId: string; person: string | null }> {
  const away = () =>
    new Refusal(401, "not-open", "Sign in, or open your boat book again. What you noted stays on this device.");
  const handover = new URL(request.url).searchParams.get("handover");
  if (handover) {
    const grant = await requireGrant(request, idParam(handover));
    const found = await withBase(grant.baseId, async (db) => ({
      handover: await findHandover(db, grant.handoverId),
      yacht: await editedYacht(db, slug),
    }));
    if (found.handover?.yachtId !== found.yacht.id) throw away();
    return { baseId: grant.baseId, person: grant.personId };
  }
  const staff = await staffSession();
  if (staff) return { baseId: staff.baseId, person: staff.personId };
  const charter = await charterSession();
  const stay = charter && (await withBase(charter.baseId, (db) => findStay(db, { charterId: charter.charterId })));
  if (!charter || stay?.yachtSlug !== slug) throw away();
  return { baseId: charter.baseId, person: stay.skipperId };
}

/** Takes notes about a yacht's file; each is answered by itself. */
export const POST = handle<Context>("yacht-notes", async (request, { params }) => {
  const { slug } = await params;
  const { baseId, person } = await writer(request, slug);
  const { notes } = await readJson(request, Body, 400_000);
  return Response.json({ answers: await withBase(baseId, (db) => takeNotes(db, slug, notes, person)) });
});
