import { giveOtherYacht } from "@/api/charters";
import { goOnWithOther } from "@/server/charters/other-yacht";
import { serve } from "@/server/http/serve";

export const POST = serve(giveOtherYacht, ({ db, params, body, session }) =>
  goOnWithOther(db, params.id, body, session.personId),
);
