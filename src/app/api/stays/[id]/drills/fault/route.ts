import { sendFault } from "@/api/drills";
import { giveFault } from "@/server/stays/open-drills";
import { serve } from "@/server/http/serve";

export const POST = serve(sendFault, async ({ db, params, body }) => {
  await giveFault(db, params.id, body);
  return {};
});
