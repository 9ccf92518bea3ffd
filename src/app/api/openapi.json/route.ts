import { readOpenApi } from "@/api/system";
import { jsonAnswer } from "@/server/http/json-file";
import { openApi } from "@/api/openapi";
import { serve } from "@/server/http/serve";

export const GET = serve(readOpenApi, async () => jsonAnswer(openApi()));
