import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { requireYacht } from "@/server/yacht/require";

interface Context {
  params: Promise<{ slug: string }>;
}

/** A yacht's file as one JSON file: what is taken in again is the same. */
export const GET = handle<Context>("yacht-file", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await withBase(staff.baseId, (db) => requireYacht(db, slug));
  return new Response(`${JSON.stringify(yacht.file, null, 2)}\n`, {
    headers: { "content-type": "application/json", "content-disposition": `attachment; filename="${slug}-revision-${yacht.revision}.json"` },
  });
});
