import { keepArea } from "@/api/area";
import { keepBaseArea } from "@/server/area/keep-area";
import { serve } from "@/server/http/serve";

export const POST = serve(keepArea, async ({ db, body, session }) => keepBaseArea(db, body, session.personId));
