import { pasteInventory } from "@/api/drafts";
import { pasteInventory as paste } from "@/server/yacht/paste";
import { serve } from "@/server/http/serve";

export const POST = serve(pasteInventory, ({ db, params, body, session }) =>
  paste(db, params, body.text, session.personId),
);
