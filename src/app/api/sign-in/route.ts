import { signIn } from "@/api/sign-in";
import { signIn as signInWith } from "@/server/auth/sign-in";
import { serve } from "@/server/http/serve";

export const POST = serve(signIn, async ({ body }) => {
  await signInWith(body.email, body.password, body.code);
  return {};
});
