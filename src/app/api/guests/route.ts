import { findGuests } from "@/api/charters";
import { guestsLike } from "@/server/db/charter-entries";
import { serve } from "@/server/http/serve";

const most = 8;

export const GET = serve(findGuests, async ({ db, query }) => ({ guests: await guestsLike(db, query.find, most) }));
