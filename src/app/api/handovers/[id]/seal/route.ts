import { sealHandover } from "@/api/handovers";
import { sealedFrom } from "@/server/sealing/sealed-from";
import { serve } from "@/server/http/serve";

export const POST = serve(
  sealHandover,
  ({ params, session, body, poke }) => {
    poke(params.id);
    return sealedFrom(session, body);
  },
  { transaction: false },
);
