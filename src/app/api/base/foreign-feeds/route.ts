import { addForeignFeed } from "@/api/feeds";
import { subscribe } from "@/server/feeds/foreign";
import { serve } from "@/server/http/serve";

export const POST = serve(addForeignFeed, ({ db, body, session }) => subscribe(db, body, session.personId));
