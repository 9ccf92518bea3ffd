import { noteAuthority } from "@/api/stays";
import { noteMoneyAuthority } from "@/server/stays/note-authority";
import { serve } from "@/server/http/serve";

export const POST = serve(noteAuthority, ({ db, params, body, session }) =>
  noteMoneyAuthority(db, params.id, body.reference.trim(), session.personId),
);
