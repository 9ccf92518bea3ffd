import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";
import { putAboard } from "@/server/upkeep/readiness";

interface Context {
  params: Promise<{ slug: string }>;
}

const Put = Type.Object(
  { line: Type.String({ pattern: "^count:[a-z0-9-]{1,80}$" }), pieces: Type.Integer({ minimum: 1, maximum: 9999 }) },
  { additionalProperties: false },
);

/** Notes that a thing counted short was put aboard. */
export const POST = handle<Context>("put-aboard", async (request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const { line, pieces } = await readJson(request, Put, 1000);
  await withBase(staff.baseId, async (db) => {
    const yacht = await findYacht(db, { slug });
    if (!yacht) throw new Refusal(404, "no-such-yacht", "There is no such yacht here.");
    await putAboard(db, yacht.id, line, pieces, staff.personId);
  });
  return Response.json({ put: pieces }, { status: 201 });
});
