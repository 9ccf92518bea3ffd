import { saveInventory } from "@/api/yachts";
import { savedInventory } from "@/server/yacht/saved-file";
import { serve } from "@/server/http/serve";

export const GET = serve(saveInventory, ({ db, params }) => savedInventory(db, params.slug));
