import { sendBookLink } from "@/api/messages";
import { serve } from "@/server/http/serve";
import { sendLinkByHand } from "@/server/messages/by-hand";

export const POST = serve(sendBookLink, ({ db, params }) => sendLinkByHand(db, params.id));
