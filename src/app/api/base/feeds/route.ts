import { makeFeed } from "@/api/feeds";
import { makeOwn } from "@/server/feeds/own";
import { serve } from "@/server/http/serve";

export const POST = serve(makeFeed, ({ db, body, session }) => makeOwn(db, body, session.personId));
