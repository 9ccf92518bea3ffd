import { sealHandover } from "@/api/handovers";
import { sealHandover as seal } from "@/server/handover/seal";
import { serve } from "@/server/http/serve";

export const POST = serve(sealHandover, ({ db, params, body, poke }) => {
  poke(params.id);
  return seal(db, params.id, body);
});
