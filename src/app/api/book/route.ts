import { charterSession } from "@/server/auth/session";
import { boatBook } from "@/server/book/boat-book";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";

/** What a charter's people see of their yacht and their handovers. */
export const GET = handle("book", async () => {
  const session = await charterSession();
  if (!session)
    throw new Refusal(401, "book-closed", "Open your boat book with the link and the PIN that the base sent you.");
  return Response.json(await withBase(session.baseId, (db) => boatBook(db, session.charterId)));
});
