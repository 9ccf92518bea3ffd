import { enterCharter } from "@/api/charters";
import { enterNewCharter } from "@/server/charters/enter";
import { serve } from "@/server/http/serve";

export const POST = serve(enterCharter, ({ db, body, session }) => enterNewCharter(db, body, session.personId));
