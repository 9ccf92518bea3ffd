import { sendMessage } from "@/api/messages";
import { serve } from "@/server/http/serve";
import { sendByHand } from "@/server/messages/by-hand";

export const POST = serve(sendMessage, ({ db, params, body }) => sendByHand(db, params.id, body));
