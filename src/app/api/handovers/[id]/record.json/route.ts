import { saveRecord } from "@/api/handovers";
import { savedRecord } from "@/server/export/sealed-file";
import { serve } from "@/server/http/serve";

export const GET = serve(saveRecord, ({ db, params }) => savedRecord(db, params.id));
