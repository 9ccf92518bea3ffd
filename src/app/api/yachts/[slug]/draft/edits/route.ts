import { Type } from "@sinclair/typebox";
import { DraftEdit } from "@/core/yacht/draft/edit";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { editDraft } from "@/server/yacht/draft";

interface Context {
  params: Promise<{ slug: string }>;
}

const Body = Type.Object({ edits: Type.Array(DraftEdit, { minItems: 1, maxItems: 600 }) }, { additionalProperties: false });

/** Keeps edits in the yacht's draft, all or none. */
export const POST = handle<Context>("edit-draft", async (request, { params }) => {
  const staff = await requirePublisher();
  const { slug } = await params;
  const { edits } = await readJson(request, Body, 1_000_000);
  return Response.json(await withBase(staff.baseId, (db) => editDraft(db, slug, edits, staff.personId)), { status: 201 });
});
