import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { agree } from "@/server/settlement/conclude";

interface Context {
  params: Promise<{ id: string }>;
}

const Body = Type.Object(
  {
    line: Type.String({ maxLength: 200 }),
    amountMinor: Type.Integer({ minimum: 0, maximum: 1e9 }),
    words: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** What came of a held or objected line in the end. */
export const POST = handle<Context>("agree", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { line, amountMinor, words } = await readJson(request, Body, 4000);
  await withBase(staff.baseId, (db) => agree(db, stayId, line, amountMinor, words.trim(), staff.personId));
  return Response.json({ agreed: line }, { status: 201 });
});
