import { foreseeChange } from "@/api/charters";
import { foresee } from "@/server/charters/foresee";
import { serve } from "@/server/http/serve";

export const POST = serve(foreseeChange, ({ db, params, body }) => foresee(db, params.id, body.becomes));
