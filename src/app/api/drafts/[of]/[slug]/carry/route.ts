import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { fileNameOf, type DraftContext } from "@/server/http/file-name";
import { handle } from "@/server/http/handle";
import { carryDraft } from "@/server/yacht/draft";

/** Brings the draft onto the revision that was published meanwhile. */
export const POST = handle<DraftContext>("carry-draft", async (_request, context) => {
  const staff = await requirePublisher();
  const name = await fileNameOf(context);
  return Response.json(await withBase(staff.baseId, (db) => carryDraft(db, name, staff.personId)));
});
