import { postStudy } from "@/api/book";
import { takeStudyAnswers } from "@/server/items/study-answers";
import { serve } from "@/server/http/serve";

export const POST = serve(postStudy, async ({ db, session, body }) => ({
  answers: await takeStudyAnswers(db, session.charterId, body.answers, body.yacht),
}));
