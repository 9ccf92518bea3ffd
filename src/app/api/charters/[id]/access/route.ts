import { endAccess } from "@/api/stays";
import { endOne } from "@/server/auth/end-access";
import { serve } from "@/server/http/serve";

export const POST = serve(endAccess, ({ db, params, body }) => endOne(db, params.id, body));
