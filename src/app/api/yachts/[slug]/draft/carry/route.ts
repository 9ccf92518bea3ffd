import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { carryDraft } from "@/server/yacht/draft";

interface Context {
  params: Promise<{ slug: string }>;
}

/** Brings the draft onto the revision that was published meanwhile. */
export const POST = handle<Context>("carry-draft", async (_request, { params }) => {
  const staff = await requirePublisher();
  const { slug } = await params;
  return Response.json(await withBase(staff.baseId, (db) => carryDraft(db, slug, staff.personId)));
});
