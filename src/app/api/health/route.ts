import { readHealth } from "@/api/system";
import { healthNow } from "@/server/health/health";
import { serve } from "@/server/http/serve";

export const GET = serve(readHealth, healthNow);
