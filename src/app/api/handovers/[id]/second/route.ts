import { proveSecond } from "@/api/handovers";
import { proveSecond as prove } from "@/server/auth/second";
import { serve } from "@/server/http/serve";

export const POST = serve(proveSecond, ({ db, session, body }) => prove(db, session, body));
