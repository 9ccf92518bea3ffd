import { postBoatLog } from "@/api/book";
import { takeLogEntries } from "@/server/items/log-entries";
import { serve } from "@/server/http/serve";

export const POST = serve(postBoatLog, async ({ db, session, body }) => ({
  answers: await takeLogEntries(db, session.charterId, body.entries),
}));
