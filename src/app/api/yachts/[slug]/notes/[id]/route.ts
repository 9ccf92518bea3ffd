import { answerNote } from "@/api/yachts";
import { answerNote as answer } from "@/server/yacht/notes";
import { serve } from "@/server/http/serve";

export const POST = serve(answerNote, async ({ db, params, body, session }) => {
  await answer(db, params.slug, params.id, body.answer, body.words, session.personId);
  return {};
});
