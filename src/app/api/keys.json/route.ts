import { readKeys } from "@/api/system";
import { serve } from "@/server/http/serve";
import { keysAnswer } from "@/server/keys/published";

export const GET = serve(readKeys, keysAnswer);
