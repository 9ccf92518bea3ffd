import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readStrictJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { reviewFile } from "@/server/yacht/review";

interface Context {
  params: Promise<{ slug: string }>;
}

/** What publishing this file would do: findings of the checks, and the changes. Nothing is kept. */
export const POST = handle<Context>("review-file", async (request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const document = await readStrictJson(request, 2_000_000);
  const { yacht, findings, changes } = await withBase(staff.baseId, (db) => reviewFile(db, slug, document));
  return Response.json({ onRevision: yacht.revision, findings, changes });
});
