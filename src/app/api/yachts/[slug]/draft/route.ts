import { requirePublisher } from "@/server/auth/publisher";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { throwAwayDraft } from "@/server/yacht/draft";
import { draftScreen } from "@/server/yacht/draft-screen";

interface Context {
  params: Promise<{ slug: string }>;
}

/** The draft as it stands: for the editor, and for seeing what others change. */
export const GET = handle<Context>("draft", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  return Response.json(await withBase(staff.baseId, (db) => draftScreen(db, slug, staff.personId)));
});

/** Ends the draft without publishing it. */
export const DELETE = handle<Context>("throw-draft-away", async (_request, { params }) => {
  const staff = await requirePublisher();
  const { slug } = await params;
  await withBase(staff.baseId, (db) => throwAwayDraft(db, slug, staff.personId));
  return Response.json({ thrown: slug });
});
