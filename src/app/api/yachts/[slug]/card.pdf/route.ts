import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { boatCardPdf } from "@/server/pdf/card";
import { pdfAnswer } from "@/server/pdf/answer";
import { requireYacht } from "@/server/yacht/require";

interface Context {
  params: Promise<{ slug: string }>;
}

/** The boat card of a yacht, for the desk to print. */
export const GET = handle<Context>("boat-card", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  return pdfAnswer(
    await withBase(staff.baseId, async (db) => boatCardPdf(await requireYacht(db, slug), await currentBase(db), now())),
  );
});
