import { makeYacht } from "@/api/yachts";
import { newYacht } from "@/server/yacht/new-yacht";
import { serve } from "@/server/http/serve";

export const POST = serve(makeYacht, ({ db, body, session }) => newYacht(db, body, session.personId));
