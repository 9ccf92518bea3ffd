import { printAboardCard } from "@/api/aboard";
import { boatCardByCode } from "@/server/book/aboard";
import { pdfAnswer } from "@/server/pdf/answer";
import { serve } from "@/server/http/serve";

export const GET = serve(printAboardCard, async ({ params }) => pdfAnswer(await boatCardByCode(params.code)));
