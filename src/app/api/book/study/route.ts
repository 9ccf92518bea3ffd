import { StudyBatch } from "@/formats/book";
import { charterSession } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";
import { takeStudyAnswers } from "@/server/briefing/take-answers";

/** Takes answers of the study from the boat book; each is answered by itself. */
export const POST = handle("post-study", async (request) => {
  const session = await charterSession();
  if (!session)
    throw new Refusal(
      401,
      "not-open",
      "Open your boat book again with link and PIN. What you answered stays on this device.",
    );
  const { answers } = await readJson(request, StudyBatch, 200_000);
  return Response.json({
    answers: await withBase(session.baseId, (db) => takeStudyAnswers(db, session.charterId, answers)),
  });
});
