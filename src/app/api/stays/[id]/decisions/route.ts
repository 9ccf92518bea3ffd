import { Type } from "@sinclair/typebox";
import { Decision } from "@/core/settlement/propose";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { decide } from "@/server/settlement/decide";

interface Context {
  params: Promise<{ id: string }>;
}

const Body = Type.Object(
  { differenceId: Type.String({ maxLength: 200 }), decision: Decision, why: Type.String({ maxLength: 500 }) },
  { additionalProperties: false },
);

export const POST = handle<Context>("decide", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { differenceId, decision, why } = await readJson(request, Body, 4000);
  await withBase(staff.baseId, (db) =>
    decide(db, stayId, differenceId, decision, why, staff.personId, staff.roles.includes("manager")),
  );
  return Response.json({ decided: differenceId });
});
