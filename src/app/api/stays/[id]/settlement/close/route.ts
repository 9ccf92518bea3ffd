import { closeDeposit } from "@/api/stays";
import { closeDeposit as close } from "@/server/settlement/conclude";
import { terminalBook } from "@/server/db/deposits";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { serve } from "@/server/http/serve";

export const POST = serve(closeDeposit, async ({ db, params, session }) => {
  await close(db, params.id, simulatedTerminal(terminalBook(db), "approves"), session.personId);
  return {};
});
