import { takeInvitation } from "@/api/people";
import { serve } from "@/server/http/serve";
import { acceptInvitation } from "@/server/people/invite";

export const POST = serve(takeInvitation, async ({ body }) => {
  await acceptInvitation(body.secret, body.password);
  return {};
});
