import { changeCharter } from "@/api/charters";
import { changeAgreement } from "@/server/charters/change";
import { serve } from "@/server/http/serve";

export const POST = serve(changeCharter, ({ db, params, body, session }) =>
  changeAgreement(db, params.id, body, session.personId),
);
