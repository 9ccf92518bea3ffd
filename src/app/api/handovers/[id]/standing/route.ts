import { Type } from "@sinclair/typebox";
import { Sha256 } from "@/core/handover/entry";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { chooseSeal } from "@/server/handover/choose-seal";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

const Choice = Type.Object(
  { seal: Sha256, why: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }) },
  { additionalProperties: false },
);

/** A manager settles which of two signed records of one handover stands. */
export const POST = handle<Context>("choose-seal", async (request, { params }) => {
  const staff = await requireStaff();
  const id = idParam((await params).id);
  if (!staff.roles.includes("manager"))
    throw new Refusal(403, "not-yours", "The base manager settles which record stands.");
  const { seal, why } = await readJson(request, Choice, 2000);
  await withBase(staff.baseId, (db) => chooseSeal(db, id, seal, why.trim(), staff.personId));
  return Response.json({ stands: seal }, { status: 201 });
});
