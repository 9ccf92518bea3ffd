import { moveCharter } from "@/api/charters";
import { move } from "@/server/charters/move";
import { serve } from "@/server/http/serve";

export const POST = serve(moveCharter, ({ db, params, body, session }) => move(db, params.id, body, session.personId));
