import { uploadFile } from "@/api/drafts";
import { uploadFile as upload } from "@/server/yacht/upload-draft";
import { strictJson } from "@/server/http/body";
import { serve } from "@/server/http/serve";

export const POST = serve(uploadFile, ({ db, params, body, session }) =>
  upload(db, params, strictJson(body), session.personId),
);
