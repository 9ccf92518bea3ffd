import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ slug: string }>;
}

/** A yacht's file as one JSON file: what is taken in again is the same. */
export const GET = handle<Context>("yacht-file", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await withBase(staff.baseId, (db) => findYacht(db, { slug }));
  if (!yacht) throw new Refusal(404, "no-such-yacht", "There is no such yacht here.");
  return new Response(`${JSON.stringify(yacht.file, null, 2)}\n`, {
    headers: { "content-type": "application/json", "content-disposition": `attachment; filename="${slug}-revision-${yacht.revision}.json"` },
  });
});
