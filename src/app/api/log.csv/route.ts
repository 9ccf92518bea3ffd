import { saveLog } from "@/api/log";
import { logCsv } from "@/server/deeds/log";
import { serve } from "@/server/http/serve";

export const GET = serve(saveLog, ({ db, query }) => logCsv(db, query));
