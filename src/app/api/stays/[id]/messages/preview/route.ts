import { previewMessage } from "@/api/messages";
import { serve } from "@/server/http/serve";
import { previewOf } from "@/server/messages/by-hand";

export const POST = serve(previewMessage, ({ db, params, body }) => previewOf(db, params.id, body));
