import { sendAgain } from "@/api/messages";
import { serve } from "@/server/http/serve";
import { sendOnceMore } from "@/server/messages/by-hand";

export const POST = serve(sendAgain, ({ db, params }) => sendOnceMore(db, params.id));
