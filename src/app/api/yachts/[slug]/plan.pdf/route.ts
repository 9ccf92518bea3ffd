import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { pdfAnswer } from "@/server/pdf/answer";
import { planPdf } from "@/server/pdf/plan";
import { requireYacht } from "@/server/yacht/require";

interface Context {
  params: Promise<{ slug: string }>;
}

/** A yacht's plan on A4, to be laid in a folder aboard. */
export const GET = handle<Context>("plan-pdf", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await withBase(staff.baseId, (db) => requireYacht(db, slug));
  return pdfAnswer(await planPdf(yacht, now()));
});
