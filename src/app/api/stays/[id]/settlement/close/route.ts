import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { terminalBook } from "@/server/deposit/terminal-book";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { closeDeposit } from "@/server/settlement/conclude";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";

interface Context {
  params: Promise<{ id: string }>;
}

/** Captures the hold once and gives back the rest, when nothing of the statement is open any more. */
export const POST = handle<Context>("close-deposit", async (_request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  await withBase(staff.baseId, (db) =>
    closeDeposit(db, stayId, simulatedTerminal(terminalBook(db), "approves"), staff.personId),
  );
  return Response.json({ closed: true });
});
