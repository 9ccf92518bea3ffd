import { reviewDraft } from "@/api/drafts";
import { draftReview } from "@/server/yacht/draft-screen";
import { serve } from "@/server/http/serve";

export const GET = serve(reviewDraft, ({ db, params }) => draftReview(db, params));
