import { endForeignFeed } from "@/api/feeds";
import { unsubscribe } from "@/server/feeds/foreign";
import { serve } from "@/server/http/serve";

export const DELETE = serve(endForeignFeed, ({ db, params }) => unsubscribe(db, params.id));
