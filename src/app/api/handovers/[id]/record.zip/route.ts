import { saveWholeRecord } from "@/api/handovers";
import { savedZip } from "@/server/export/sealed-zip";
import { serve } from "@/server/http/serve";

export const GET = serve(saveWholeRecord, ({ db, params }) => savedZip(db, params.id));
