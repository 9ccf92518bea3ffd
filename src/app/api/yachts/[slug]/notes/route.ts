import { postNotes } from "@/api/yachts";
import { takeNotesFrom } from "@/server/items/post-notes";
import { serve } from "@/server/http/serve";

export const POST = serve(postNotes, ({ db, params, body, session }) =>
  takeNotesFrom(db, params.slug, body.notes, session),
);
