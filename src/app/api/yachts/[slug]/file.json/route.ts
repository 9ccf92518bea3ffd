import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { jsonFile } from "@/server/http/json-file";
import { requireYacht } from "@/server/yacht/require";

interface Context {
  params: Promise<{ slug: string }>;
}

/** A yacht's file as one JSON file: what is taken in again is the same. */
export const GET = handle<Context>("yacht-file", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const { file, revision } = await withBase(staff.baseId, (db) => requireYacht(db, slug));
  return jsonFile(file, `${slug}-revision-${revision}.json`);
});
