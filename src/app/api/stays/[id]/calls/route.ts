import { noteCall } from "@/api/stays";
import { noteCallOf } from "@/server/calls/note-call";
import { serve } from "@/server/http/serve";

export const POST = serve(noteCall, ({ db, params, body, session }) =>
  noteCallOf(db, params.id, body, session.personId),
);
