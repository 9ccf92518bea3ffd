import { closeYacht } from "@/api/charters";
import { closeFor } from "@/server/charters/closings";
import { serve } from "@/server/http/serve";

export const POST = serve(closeYacht, ({ db, body, session }) => closeFor(db, body, session.personId));
