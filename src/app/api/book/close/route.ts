import { closeBook } from "@/api/sign-in";
import { closeOpenBook } from "@/server/auth/sign-out";
import { serve } from "@/server/http/serve";

export const POST = serve(closeBook, () => closeOpenBook());
