import { carryDraft } from "@/api/drafts";
import { carryDraft as carry } from "@/server/yacht/carry-draft";
import { serve } from "@/server/http/serve";

export const POST = serve(carryDraft, ({ db, params, session }) => carry(db, params, session.personId));
