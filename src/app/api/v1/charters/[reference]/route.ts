import { readCharter } from "@/api/outside";
import { charterFor } from "@/server/outside/charters";
import { serve } from "@/server/http/serve";

export const GET = serve(readCharter, ({ db, session, params }) => charterFor(db, session, params.reference));
