import { readDraft, throwAwayDraft } from "@/api/drafts";
import { draftScreen } from "@/server/yacht/draft-screen";
import { throwAwayDraft as throwAway } from "@/server/yacht/end-draft";
import { serve } from "@/server/http/serve";

export const GET = serve(readDraft, ({ db, params, session }) => draftScreen(db, params, session.personId));
export const DELETE = serve(throwAwayDraft, async ({ db, params, session }) => {
  await throwAway(db, params, session.personId);
  return {};
});
