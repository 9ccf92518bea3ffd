import { assignWork as endpoint } from "@/api/upkeep";
import { serve } from "@/server/http/serve";
import { assignWork } from "@/server/upkeep/assign-work";

export const POST = serve(endpoint, ({ db, body, session }) => assignWork(db, body, session.personId));
