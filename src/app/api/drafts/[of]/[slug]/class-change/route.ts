import { takeClassChange } from "@/api/drafts";
import { takeClassChange as take } from "@/server/yacht/take-class-change";
import { serve } from "@/server/http/serve";

export const POST = serve(takeClassChange, ({ db, params, session }) => take(db, params, session.personId));
