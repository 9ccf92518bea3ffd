import { openYacht } from "@/api/charters";
import { openAgain } from "@/server/charters/closings";
import { serve } from "@/server/http/serve";

export const DELETE = serve(openYacht, ({ db, params }) => openAgain(db, params.id));
