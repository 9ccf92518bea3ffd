import { setUpBase } from "@/api/set-up";
import { serve } from "@/server/http/serve";
import { makeBase } from "@/server/set-up/make-base";

export const POST = serve(setUpBase, async ({ body }) => {
  await makeBase(body);
  return {};
});
