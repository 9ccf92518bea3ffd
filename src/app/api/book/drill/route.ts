import { showDrill } from "@/api/drills";
import { noteOpenDrill } from "@/server/db/open-drills";
import { serve } from "@/server/http/serve";

export const POST = serve(showDrill, ({ db, session, body }) =>
  noteOpenDrill(db, session.charterId, body.panel, body.worked),
);
