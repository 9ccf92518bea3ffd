import { Type } from "@sinclair/typebox";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { fileNameOf, type DraftContext } from "@/server/http/file-name";
import { handle } from "@/server/http/handle";
import { pasteInventory } from "@/server/yacht/paste";

const Body = Type.Object({ text: Type.String({ minLength: 1, maxLength: 400_000 }) }, { additionalProperties: false });

/** Takes lines of inventory pasted from a spreadsheet into the draft: those that are sound, with what is wrong of the others. */
export const POST = handle<DraftContext>("paste-inventory", async (request, context) => {
  const staff = await requirePublisher();
  const name = await fileNameOf(context);
  const { text } = await readJson(request, Body, 900_000);
  return Response.json(await withBase(staff.baseId, (db) => pasteInventory(db, name, text, staff.personId)), {
    status: 201,
  });
});
