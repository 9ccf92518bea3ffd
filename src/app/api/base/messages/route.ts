import { keepMessages } from "@/api/messages";
import { serve } from "@/server/http/serve";
import { keepBaseMessages } from "@/server/messages/by-hand";

export const POST = serve(keepMessages, ({ db, body, session }) => keepBaseMessages(db, body, session.personId));
