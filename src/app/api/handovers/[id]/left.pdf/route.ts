import { printWhatIsLeft } from "@/api/handovers";
import { leftPdf } from "@/server/pdf/left";
import { pdfAnswer } from "@/server/pdf/answer";
import { serve } from "@/server/http/serve";

export const GET = serve(printWhatIsLeft, async ({ db, params }) => pdfAnswer(await leftPdf(db, params.id)));
