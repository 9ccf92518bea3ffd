import { trySetUpCode } from "@/api/set-up";
import { serve } from "@/server/http/serve";
import { needSetUpCode } from "@/server/set-up/code";

export const POST = serve(trySetUpCode, async ({ body }) => {
  await needSetUpCode(body.code);
  return {};
});
