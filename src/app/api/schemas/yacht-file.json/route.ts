import { YachtFile } from "@/core/yacht/schema";
import { handle } from "@/server/http/handle";

/** The published JSON Schema (2020-12) of the yacht file. */
export const GET = handle(
  "yacht-file-schema",
  async () =>
    new Response(`${JSON.stringify(YachtFile, null, 2)}\n`, { headers: { "content-type": "application/schema+json" } }),
);
