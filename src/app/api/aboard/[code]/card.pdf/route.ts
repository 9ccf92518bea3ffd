import { boatCardByCode } from "@/server/book/aboard";
import { handle } from "@/server/http/handle";
import { pdfAnswer } from "@/server/pdf/answer";

interface Context {
  params: Promise<{ code: string }>;
}

/** The boat card by the code posted aboard: any of the crew may print it. */
export const GET = handle<Context>("aboard-card", async (_request, { params }) =>
  pdfAnswer(await boatCardByCode((await params).code)),
);
