import { watchDrills } from "@/api/drills";
import { openDrillsOf } from "@/server/stays/open-drills";
import { serve } from "@/server/http/serve";

export const GET = serve(watchDrills, async ({ db, params }) => ({ drills: await openDrillsOf(db, params.id) }));
