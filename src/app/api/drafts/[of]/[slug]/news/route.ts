import { readDraftNews } from "@/api/drafts";
import { draftNews } from "@/server/yacht/draft-screen";
import { serve } from "@/server/http/serve";

export const GET = serve(readDraftNews, ({ db, params, query, session }) =>
  draftNews(db, params, { draft: query.draft ?? null, after: query.after }, session.personId),
);
