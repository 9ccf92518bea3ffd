import { putManual, readManual } from "@/api/manuals";
import { serve } from "@/server/http/serve";
import { keepManual, manualFor } from "@/server/manuals/manuals";

export const GET = serve(readManual, ({ db, params, session }) => manualFor(db, params.hash, session));
export const PUT = serve(putManual, ({ db, params, body, session }) => keepManual(db, params.hash, body, session));
