import { readInvitation } from "@/api/people";
import { serve } from "@/server/http/serve";
import { invitedBy } from "@/server/people/invite";

export const POST = serve(readInvitation, ({ body }) => invitedBy(body.secret));
