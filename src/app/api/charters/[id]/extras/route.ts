import { hireExtras } from "@/api/lists";
import { serve } from "@/server/http/serve";
import { hireForCharter } from "@/server/stays/hire-extras";

export const POST = serve(hireExtras, ({ db, params, body, session }) =>
  hireForCharter(db, params.id, body, session.personId),
);
