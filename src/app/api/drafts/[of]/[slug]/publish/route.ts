import { publishDraft } from "@/api/drafts";
import { publishDraft as publish } from "@/server/yacht/end-draft";
import { serve } from "@/server/http/serve";

export const POST = serve(publishDraft, ({ db, params, body, session }) => publish(db, params, body, session.personId));
