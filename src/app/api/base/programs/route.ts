import { makeProgram } from "@/api/programs";
import { makeToken } from "@/server/programs/programs";
import { serve } from "@/server/http/serve";

export const POST = serve(makeProgram, ({ db, body, session }) => makeToken(db, body, session.personId));
