import { saveCrews } from "@/api/imports";
import { crewsCsv } from "@/server/imports/crews";
import { serve } from "@/server/http/serve";

export const GET = serve(saveCrews, ({ db }) => crewsCsv(db));
