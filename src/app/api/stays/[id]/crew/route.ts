import { keepCrewList } from "@/api/stays";
import { keepCrew } from "@/server/stays/keep-crew";
import { serve } from "@/server/http/serve";

export const POST = serve(keepCrewList, ({ db, params, body, session }) =>
  keepCrew(db, params.id, body.crew, session.personId),
);
