import { Type } from "@sinclair/typebox";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { publishDraft } from "@/server/yacht/draft";

interface Context {
  params: Promise<{ slug: string }>;
}

const Body = Type.Object({ why: Type.String({ maxLength: 500 }), accepts: Type.Record(Type.String({ maxLength: 300 }), Type.String({ maxLength: 500 })) }, { additionalProperties: false });

/** Publishes the draft as the yacht's next revision. */
export const POST = handle<Context>("publish-draft", async (request, { params }) => {
  const staff = await requirePublisher();
  const { slug } = await params;
  const reasons = await readJson(request, Body, 100_000);
  return Response.json(await withBase(staff.baseId, (db) => publishDraft(db, slug, reasons, staff.personId)), { status: 201 });
});
