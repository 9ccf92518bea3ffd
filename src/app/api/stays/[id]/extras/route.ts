import { Type } from "@sinclair/typebox";
import { Uuid } from "@/core/handover/entry";
import { Extra } from "@/core/settlement/extra";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { putExtra } from "@/server/settlement/put-extra";

interface Context {
  params: Promise<{ id: string }>;
}

const Body = Type.Object(
  {
    id: Type.Union([Uuid, Type.Null()]),
    extra: Type.Union([Extra, Type.Null()]),
    why: Type.String({ maxLength: 500 }),
  },
  { additionalProperties: false },
);

/** Puts a service, a receipt or a sum for below the water on the statement, changes it, or takes it off. */
export const POST = handle<Context>("put-extra", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { id, extra, why } = await readJson(request, Body, 4000);
  const kept = await withBase(staff.baseId, (db) => putExtra(db, stayId, id, extra, why.trim(), staff.personId));
  return Response.json({ id: kept }, { status: 201 });
});
