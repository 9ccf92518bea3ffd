import { saveWholeRecord } from "@/api/handovers";
import { savedZip } from "@/server/handover/sealed-export";
import { serve } from "@/server/http/serve";

export const GET = serve(saveWholeRecord, ({ db, params }) => savedZip(db, params.id));
