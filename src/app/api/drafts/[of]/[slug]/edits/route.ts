import { Type } from "@sinclair/typebox";
import { DraftEdit } from "@/core/yacht/draft/edit";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { fileNameOf, type DraftContext } from "@/server/http/file-name";
import { handle } from "@/server/http/handle";
import { editDraft } from "@/server/yacht/draft";

const Body = Type.Object(
  { edits: Type.Array(DraftEdit, { minItems: 1, maxItems: 600 }) },
  { additionalProperties: false },
);

/** Keeps edits in the draft, all or none. */
export const POST = handle<DraftContext>("edit-draft", async (request, context) => {
  const staff = await requirePublisher();
  const name = await fileNameOf(context);
  const { edits } = await readJson(request, Body, 1_000_000);
  return Response.json(await withBase(staff.baseId, (db) => editDraft(db, name, edits, staff.personId)), {
    status: 201,
  });
});
