import { sayStillRight } from "@/api/drafts";
import { sayStillRight as keep } from "@/server/yacht/still-right";
import { serve } from "@/server/http/serve";

export const POST = serve(sayStillRight, async ({ db, params, body, session }) => {
  await keep(db, params, body, session.personId);
  return { done: true };
});
