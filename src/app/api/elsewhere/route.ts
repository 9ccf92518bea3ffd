import { findElsewhere } from "@/api/feeds";
import { elsewhereIn } from "@/server/feeds/elsewhere";
import { serve } from "@/server/http/serve";

export const GET = serve(findElsewhere, ({ db, query }) => elsewhereIn(db, query));
