import { noteWork } from "@/api/upkeep";
import { noteWorkStep } from "@/server/upkeep/note-work";
import { serve } from "@/server/http/serve";

export const POST = serve(noteWork, ({ db, params, body, session }) =>
  noteWorkStep(db, params.id, body, session.personId),
);
