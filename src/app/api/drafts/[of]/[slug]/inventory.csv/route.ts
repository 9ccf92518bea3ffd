import { saveDraftInventory, uploadInventory } from "@/api/drafts";
import { soundText } from "@/server/http/body";
import { savedDraftInventory } from "@/server/yacht/saved-file";
import { uploadInventory as upload } from "@/server/yacht/upload-draft";
import { serve } from "@/server/http/serve";

export const GET = serve(saveDraftInventory, ({ db, params }) => savedDraftInventory(db, params));
export const POST = serve(uploadInventory, ({ db, params, body, session }) =>
  upload(db, params, soundText(body), session.personId),
);
