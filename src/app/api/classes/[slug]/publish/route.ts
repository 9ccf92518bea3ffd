import { PublicationBody } from "@/formats/publication";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { publishClass } from "@/server/yacht/class-publish";

interface Context {
  params: Promise<{ slug: string }>;
}

/** Publishes a class, and with it each yacht of it that passes her checks. */
export const POST = handle<Context>("publish-class", async (request, { params }) => {
  const staff = await requirePublisher();
  const { slug } = await params;
  const { document, onRevision, why, accepts } = await readJson(request, PublicationBody, 2_100_000);
  return Response.json(
    await withBase(staff.baseId, (db) =>
      publishClass(db, { slug, document, onRevision, why, accepts }, staff.personId),
    ),
    { status: 201 },
  );
});
