import { postBaseAddenda } from "@/api/handovers";
import { answerAndTell } from "@/server/messages/after";
import { serve } from "@/server/http/serve";

export const POST = serve(postBaseAddenda, ({ db, params, body, session }) =>
  answerAndTell(db, params.id, body.addenda, session.personId),
);
