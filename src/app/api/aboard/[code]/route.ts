import { yachtByCode } from "@/server/book/aboard";
import { handle } from "@/server/http/handle";

interface Context {
  params: Promise<{ code: string }>;
}

/** Plan, places and emergency cards of a yacht, by the code posted aboard. Nothing personal. */
export const GET = handle<Context>("aboard", async (_request, { params }) =>
  Response.json(await yachtByCode((await params).code)),
);
