import { saveDraft, uploadFile } from "@/api/drafts";
import { uploadFile as upload } from "@/server/yacht/upload-draft";
import { savedDraft } from "@/server/yacht/saved-file";
import { strictJson } from "@/server/http/body";
import { serve } from "@/server/http/serve";

export const GET = serve(saveDraft, ({ db, params }) => savedDraft(db, params));
export const POST = serve(uploadFile, ({ db, params, body, session }) =>
  upload(db, params, strictJson(body), session.personId),
);
