import { listYachts } from "@/api/outside";
import { yachtsFor } from "@/server/outside/charters";
import { serve } from "@/server/http/serve";

export const GET = serve(listYachts, ({ db }) => yachtsFor(db));
