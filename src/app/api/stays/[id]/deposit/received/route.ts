import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { findStay } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { noteDeposit } from "@/server/deposit/deposit";
import { feed } from "@/server/handover/feed";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

const Received = Type.Object(
  {
    requestKey: Type.String({ minLength: 8, maxLength: 80 }),
    amountMinor: Type.Integer({ minimum: 1 }),
    reference: Type.String({ minLength: 1, maxLength: 80, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Notes what came in of a stay's deposit in cash, by transfer or by guarantee. */
export const POST = handle<Context>("note-deposit", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { requestKey, ...received } = await readJson(request, Received, 1000);
  const handovers = await withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { stayId });
    if (!stay) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
    await noteDeposit(db, stay, (await currentBase(db)).currency, received, requestKey, staff.personId);
    return stay.handovers;
  });
  for (const { id } of handovers) feed().emit(id);
  return Response.json({});
});
