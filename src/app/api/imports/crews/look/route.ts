import { lookThroughCrews } from "@/api/imports";
import { lookThroughCrewLists } from "@/server/imports/crews";
import { serve } from "@/server/http/serve";

export const POST = serve(lookThroughCrews, ({ db, body }) => lookThroughCrewLists(db, body));
