import { postBaseAddenda } from "@/api/handovers";
import { takeBaseAddenda } from "@/server/handover/base-addenda";
import { serve } from "@/server/http/serve";

export const POST = serve(postBaseAddenda, ({ db, params, body, session }) =>
  takeBaseAddenda(db, params.id, body.addenda, session.personId),
);
