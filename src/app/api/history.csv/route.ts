import { saveHistory } from "@/api/base";
import { historyCsv } from "@/server/history/csv";
import { serve } from "@/server/http/serve";

export const GET = serve(saveHistory, ({ db, query }) => historyCsv(db, query.yacht ?? null));
