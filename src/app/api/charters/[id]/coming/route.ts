import { noteComing } from "@/api/charters";
import { noteOfComing } from "@/server/charters/coming";
import { serve } from "@/server/http/serve";

export const POST = serve(noteComing, ({ db, params, body, session }) =>
  noteOfComing(db, params.id, body, session.personId),
);
