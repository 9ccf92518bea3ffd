import { makeHook } from "@/api/programs";
import { keepHook } from "@/server/programs/programs";
import { serve } from "@/server/http/serve";

export const POST = serve(makeHook, ({ db, body, session }) => keepHook(db, body, session.personId));
