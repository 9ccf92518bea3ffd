import { Type } from "@sinclair/typebox";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { fileNameOf, type DraftContext } from "@/server/http/file-name";
import { handle } from "@/server/http/handle";
import { publishDraft } from "@/server/yacht/draft";

const Body = Type.Object(
  {
    why: Type.String({ maxLength: 500 }),
    accepts: Type.Record(Type.String({ maxLength: 300 }), Type.String({ maxLength: 500 })),
  },
  { additionalProperties: false },
);

/** Publishes the draft as the file's next revision. */
export const POST = handle<DraftContext>("publish-draft", async (request, context) => {
  const staff = await requirePublisher();
  const name = await fileNameOf(context);
  const reasons = await readJson(request, Body, 100_000);
  return Response.json(await withBase(staff.baseId, (db) => publishDraft(db, name, reasons, staff.personId)), {
    status: 201,
  });
});
