import { endInvitation } from "@/api/people";
import { serve } from "@/server/http/serve";
import { withdrawInvitation } from "@/server/people/change";

export const POST = serve(endInvitation, ({ db, params }) => withdrawInvitation(db, params.id));
