import { saveCharters } from "@/api/imports";
import { serve } from "@/server/http/serve";
import { chartersCsv } from "@/server/imports/save";

export const GET = serve(saveCharters, ({ db }) => chartersCsv(db));
