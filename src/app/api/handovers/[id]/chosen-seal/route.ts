import { chooseRecord } from "@/api/handovers";
import { settledBy } from "@/server/sealing/sealed-from";
import { serve } from "@/server/http/serve";

export const POST = serve(
  chooseRecord,
  async ({ params, body, session, poke }) => {
    await settledBy(session, params.id, { ...body, why: body.why.trim() });
    poke(params.id);
    return {};
  },
  { transaction: false },
);
