import { readForeignFeed } from "@/api/feeds";
import { readNow } from "@/server/feeds/foreign";
import { serve } from "@/server/http/serve";

export const POST = serve(readForeignFeed, ({ params, session }) => readNow(session.baseId, params.id), {
  transaction: false,
});
