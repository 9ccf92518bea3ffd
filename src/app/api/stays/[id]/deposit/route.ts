import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { findStay } from "@/server/db/charters";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { holdDeposit } from "@/server/deposit/deposit";
import { terminalBook } from "@/server/deposit/terminal-book";
import { feed } from "@/server/handover/feed";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";

interface Context {
  params: Promise<{ id: string }>;
}

const Hold = Type.Object(
  {
    requestKey: Type.String({ minLength: 8, maxLength: 80 }),
    card: Type.Union([Type.Literal("approves"), Type.Literal("declines"), Type.Literal("no-answer")]),
  },
  { additionalProperties: false },
);

/** Holds a stay's deposit on the (simulated) card. */
export const POST = handle<Context>("hold-deposit", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const { requestKey, card } = await readJson(request, Hold, 1000);
  const outcome = await withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { stayId });
    if (!stay) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
    const { currency } = await currentBase(db);
    const terminal = simulatedTerminal(terminalBook(db), card);
    const kind = await holdDeposit(
      db,
      terminal,
      { stayId, amountMinor: stay.terms.deposit.amountMinor, currency },
      requestKey,
      staff.personId,
    );
    return { kind, handovers: stay.handovers.map((handover) => handover.id) };
  });
  for (const handover of outcome.handovers) feed().emit(handover);
  return Response.json({ outcome: outcome.kind });
});
