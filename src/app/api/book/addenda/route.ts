import { AddendumBatch } from "@/formats/book";
import { charterSession } from "@/server/auth/session";
import { takeAddenda } from "@/server/addenda/take-addenda";
import { findStay } from "@/server/db/charters";
import { handoverOfStay } from "@/server/db/handovers";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";

/** Takes what the skipper adds to the signed check-in: leaving the berth, late findings, having read. Each is answered by itself. */
export const POST = handle("book-addenda", async (request) => {
  const session = await charterSession();
  if (!session)
    throw new Refusal(
      401,
      "not-open",
      "Open your boat book again with link and PIN. What you reported stays on this device.",
    );
  const { addenda } = await readJson(request, AddendumBatch, 200_000);
  const answers = await withBase(session.baseId, async (db) => {
    const stay = await findStay(db, { charterId: session.charterId });
    const checkIn = stay && (await handoverOfStay(db, stay.stayId, "check-in"));
    if (!stay || !checkIn) throw new Refusal(404, "no-check-in", "This charter has no check-in yet.");
    return takeAddenda(db, checkIn, addenda, { side: "skipper", person: stay.skipperId });
  });
  return Response.json({ answers });
});
