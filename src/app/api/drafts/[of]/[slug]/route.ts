import { requirePublisher } from "@/server/auth/publisher";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { fileNameOf, type DraftContext } from "@/server/http/file-name";
import { handle } from "@/server/http/handle";
import { throwAwayDraft } from "@/server/yacht/draft";
import { draftScreen } from "@/server/yacht/draft-screen";

/** The draft as it stands: for the editor, and for seeing what others change. */
export const GET = handle<DraftContext>("draft", async (_request, context) => {
  const staff = await requireStaff();
  const name = await fileNameOf(context);
  return Response.json(await withBase(staff.baseId, (db) => draftScreen(db, name, staff.personId)));
});

/** Ends the draft without publishing it. */
export const DELETE = handle<DraftContext>("throw-draft-away", async (_request, context) => {
  const staff = await requirePublisher();
  const name = await fileNameOf(context);
  await withBase(staff.baseId, (db) => throwAwayDraft(db, name, staff.personId));
  return Response.json({ thrown: name.slug });
});
