import { keepMappings } from "@/api/imports";
import { putList } from "@/server/base/put-list";
import { serve } from "@/server/http/serve";

export const POST = serve(keepMappings, ({ db, body, session }) =>
  putList(db, "imports", { onNumber: body.onNumber, list: body.mappings, by: session.personId }),
);
