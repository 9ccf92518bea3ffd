import { lookThroughList } from "@/api/imports";
import { serve } from "@/server/http/serve";
import { lookThrough } from "@/server/imports/look";

export const POST = serve(lookThroughList, ({ db, body }) => lookThrough(db, body));
