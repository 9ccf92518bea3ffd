import { saveYachtFile } from "@/api/yachts";
import { savedYachtFile } from "@/server/yacht/saved-file";
import { serve } from "@/server/http/serve";

export const GET = serve(saveYachtFile, ({ db, params }) => savedYachtFile(db, params.slug));
