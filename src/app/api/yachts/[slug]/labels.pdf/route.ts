import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { labelled, labelsPdf } from "@/server/pdf/labels";
import { Refusal } from "@/server/http/refusal";
import { pdfAnswer } from "@/server/pdf/answer";
import { requireYacht } from "@/server/yacht/require";

interface Context {
  params: Promise<{ slug: string }>;
}

/** Labels with codes for every place of a yacht, or with `?for=fittings` for every fitting, on A4. */
export const GET = handle<Context>("labels", async (request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const asked = new URL(request.url).searchParams.get("for") ?? "places";
  const what = labelled.find((each) => each === asked);
  if (!what) throw new Refusal(400, "no-such-labels", `There are labels for ${labelled.join(" and ")}.`, "for");
  const yacht = await withBase(staff.baseId, (db) => requireYacht(db, slug));
  const origin = process.env.ORIGIN ?? `http://${request.headers.get("host") ?? "127.0.0.1:4310"}`;
  return pdfAnswer(await labelsPdf(yacht, what, origin, now()));
});
