import { charterSession } from "@/server/auth/session";
import { makeGrant } from "@/server/auth/grant";
import { walkAloneNow } from "@/server/book/walk-alone";
import { findStay } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { studyAnswersOf } from "@/server/db/study";
import { findYacht } from "@/server/db/yachts";
import { handoverBundle } from "@/server/handover/bundle";
import { openHandover } from "@/server/handover/open";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";

/** Opens the check-in for the skipper's own walk, or joins it, and gives this device the right to record on the skipper's side. */
export const POST = handle("walk-alone", async () => {
  const session = await charterSession();
  if (!session)
    throw new Refusal(401, "book-closed", "Open your boat book with the link and the PIN that the base sent you.");
  return withBase(session.baseId, async (db) => {
    const stay = await findStay(db, { charterId: session.charterId });
    const yacht = stay && (await findYacht(db, { id: stay.yachtId }));
    if (!stay || !yacht) throw new Refusal(404, "no-such-charter", "There is no such charter here any more.");
    const against = await walkAloneNow(db, stay, yacht.file, await studyAnswersOf(db, stay.charterId));
    if (against.length > 0)
      throw new Refusal(
        403,
        "not-alone",
        "You cannot walk her alone now. Your boat book says why; your briefer walks her with you.",
      );
    const { id } = await openHandover(db, stay.stayId, "check-in", stay.skipperId);
    const grant = await makeGrant(db, session.baseId, id, stay.skipperId, "skipper");
    return Response.json({ handover: id, grant, bundle: await handoverBundle(db, id, stay.skipperId, "skipper") });
  });
});
