import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readStrictJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { reviewClass } from "@/server/yacht/class-publish";

interface Context {
  params: Promise<{ slug: string }>;
}

/** What publishing this document would do to the class and to each of its yachts. Nothing is kept. */
export const POST = handle<Context>("review-class", async (request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const document = await readStrictJson(request, 2_000_000);
  const { yachtClass, findings, changes, sisters } = await withBase(staff.baseId, (db) =>
    reviewClass(db, slug, document),
  );
  return Response.json({
    onRevision: yachtClass.revision,
    findings,
    changes,
    sisters: sisters.map((sister) => ({
      slug: sister.slug,
      name: sister.name,
      changes: sister.changes,
      blocked: sister.blocked,
    })),
  });
});
