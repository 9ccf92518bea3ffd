import { signOut } from "@/api/sign-in";
import { signOutHere } from "@/server/auth/sign-out";
import { serve } from "@/server/http/serve";

export const POST = serve(signOut, () => signOutHere());
