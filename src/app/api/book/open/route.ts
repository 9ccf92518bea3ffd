import { openBook } from "@/api/sign-in";
import { openByLink } from "@/server/auth/charter-link";
import { serve } from "@/server/http/serve";

export const POST = serve(openBook, async ({ body }) => {
  await openByLink(body.secret, body.pin);
  return {};
});
