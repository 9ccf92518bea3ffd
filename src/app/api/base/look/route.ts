import { lookOverBase } from "@/api/base";
import { serve } from "@/server/http/serve";
import { lookNow } from "@/server/night/look";

export const POST = serve(lookOverBase, ({ db, session }) => lookNow(db, session.baseId));
