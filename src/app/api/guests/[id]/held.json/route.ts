import { saveHeld } from "@/api/private";
import { serve } from "@/server/http/serve";
import { heldFile } from "@/server/private/guest";

export const GET = serve(saveHeld, ({ db, params }) => heldFile(db, params.id));
