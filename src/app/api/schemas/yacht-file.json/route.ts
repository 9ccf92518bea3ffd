import { readYachtFileSchema } from "@/api/system";
import { schemaAnswer } from "@/server/http/json-file";
import { YachtFile } from "@/core/yacht/schema";
import { serve } from "@/server/http/serve";

export const GET = serve(readYachtFileSchema, async () => schemaAnswer(YachtFile));
