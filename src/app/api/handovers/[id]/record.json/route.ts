import { saveRecord } from "@/api/handovers";
import { savedRecord } from "@/server/handover/sealed-export";
import { serve } from "@/server/http/serve";

export const GET = serve(saveRecord, ({ db, params }) => savedRecord(db, params.id));
