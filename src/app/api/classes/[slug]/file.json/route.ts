import { saveClassFile } from "@/api/yachts";
import { savedClassFile } from "@/server/yacht/saved-file";
import { serve } from "@/server/http/serve";

export const GET = serve(saveClassFile, ({ db, params }) => savedClassFile(db, params.slug));
