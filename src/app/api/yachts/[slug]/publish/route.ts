import { PublicationBody } from "@/formats/publication";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { publishFile } from "@/server/yacht/publish";

interface Context {
  params: Promise<{ slug: string }>;
}

/** Publishes a file as the yacht's next revision. */
export const POST = handle<Context>("publish-file", async (request, { params }) => {
  const staff = await requirePublisher();
  const { slug } = await params;
  const { document, ...rest } = await readJson(request, PublicationBody, 2_100_000);
  return Response.json(
    await withBase(staff.baseId, (db) => publishFile(db, { slug, document, ...rest }, staff.personId)),
    { status: 201 },
  );
});
