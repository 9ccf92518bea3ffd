import { Type } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { addCall } from "@/server/db/calls";
import { findStay } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

const Call = Type.Object(
  {
    topic: Type.Union([Type.String({ maxLength: 60 }), Type.Null()]),
    words: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Notes what a crew called the base about. */
export const POST = handle<Context>("note-call", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { topic, words } = await readJson(request, Call);
  await withBase(staff.baseId, async (db) => {
    if (!(await findStay(db, { stayId }))) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
    await addCall(db, { id: uuid(), stayId, topic, words: words.trim() }, staff.personId, now());
  });
  return Response.json({ noted: true }, { status: 201 });
});
