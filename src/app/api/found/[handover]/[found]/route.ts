import { noteFoundThing } from "@/api/upkeep";
import { noteFound } from "@/server/upkeep/found-things";
import { serve } from "@/server/http/serve";

export const POST = serve(noteFoundThing, async ({ db, params, body, session }) => {
  await noteFound(db, params.handover, params.found, body.state, body.words.trim(), session.personId);
  return {};
});
