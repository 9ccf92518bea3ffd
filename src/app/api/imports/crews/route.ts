import { takeCrews } from "@/api/imports";
import { takeCrewLists } from "@/server/imports/crews";
import { serve } from "@/server/http/serve";

export const POST = serve(takeCrews, ({ db, body, session }) => takeCrewLists(db, body, session.personId));
