import { endFeed } from "@/api/feeds";
import { endOwn } from "@/server/feeds/own";
import { serve } from "@/server/http/serve";

export const DELETE = serve(endFeed, ({ db, params }) => endOwn(db, params.id));
