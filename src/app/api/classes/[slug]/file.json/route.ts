import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { jsonFile } from "@/server/http/json-file";
import { requireClass } from "@/server/yacht/require-class";

interface Context {
  params: Promise<{ slug: string }>;
}

/** A class's document as one JSON file. */
export const GET = handle<Context>("class-file", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const { file, revision } = await withBase(staff.baseId, (db) => requireClass(db, slug));
  return jsonFile(file, `class-${slug}-revision-${revision}.json`);
});
