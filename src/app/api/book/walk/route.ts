import { walkAlone } from "@/api/book";
import { openWalkAlone } from "@/server/book/walk-alone";
import { serve } from "@/server/http/serve";

export const POST = serve(walkAlone, ({ db, session }) => openWalkAlone(db, session.charterId));
