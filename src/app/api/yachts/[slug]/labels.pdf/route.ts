import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";
import { labelsPdf } from "@/server/pdf/labels";

interface Context {
  params: Promise<{ slug: string }>;
}

/** Labels with codes for every place of a yacht, on A4. */
export const GET = handle<Context>("labels", async (request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await withBase(staff.baseId, (db) => findYacht(db, { slug }));
  if (!yacht) throw new Refusal(404, "no-such-yacht", "There is no such yacht here.");
  const origin = process.env.ORIGIN ?? `http://${request.headers.get("host") ?? "127.0.0.1:4310"}`;
  const { bytes, name } = await labelsPdf(yacht, origin, now());
  return new Response(new Uint8Array(bytes), { headers: { "content-type": "application/pdf", "content-disposition": `inline; filename="${name}"` } });
});
