import { postEntries, pullEntries } from "@/api/handovers";
import { entriesFrom, feedPage } from "@/server/handover/feed";
import { serve } from "@/server/http/serve";

export const GET = serve(pullEntries, ({ db, params, query, session }) =>
  feedPage(db, session, params.id, query.after ?? 0),
);
export const POST = serve(postEntries, entriesFrom, { transaction: false });
