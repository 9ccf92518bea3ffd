import { readBoatData } from "@/api/handovers";
import { boatDataFor } from "@/server/boat-data/gateway";
import { serve } from "@/server/http/serve";

export const GET = serve(readBoatData, ({ params, session }) => boatDataFor(session.baseId, params.id), {
  transaction: false,
});
