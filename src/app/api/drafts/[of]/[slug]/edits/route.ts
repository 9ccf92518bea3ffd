import { editDraft } from "@/api/drafts";
import { editedNews } from "@/server/yacht/draft-screen";
import { serve } from "@/server/http/serve";

export const POST = serve(editDraft, ({ db, params, body, session }) => editedNews(db, params, body, session.personId));
