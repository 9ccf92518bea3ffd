import { Type } from "@sinclair/typebox";
import { signIn } from "@/server/auth/sign-in";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";

const SignIn = Type.Object(
  { email: Type.String({ minLength: 3, maxLength: 200 }), password: Type.String({ minLength: 1, maxLength: 200 }) },
  { additionalProperties: false },
);

export const POST = handle("sign-in", async (request) => {
  const { email, password } = await readJson(request, SignIn, 2000);
  await signIn(email, password);
  return Response.json({ signedIn: true });
});
