import { noteRestock } from "@/api/upkeep";
import { noteAboard } from "@/server/upkeep/readiness";
import { serve } from "@/server/http/serve";

export const POST = serve(noteRestock, ({ db, params, body, session }) =>
  noteAboard(db, params.slug, body, session.personId),
);
