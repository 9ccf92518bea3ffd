import { readHealth } from "@/api/system";
import { databaseAnswers } from "@/server/db/health";
import { serve } from "@/server/http/serve";

export const GET = serve(readHealth, databaseAnswers);
