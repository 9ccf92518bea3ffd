import { signStatement } from "@/api/stays";
import { signSettlement } from "@/server/settlement/sign";
import { terminalBook } from "@/server/db/deposits";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { serve } from "@/server/http/serve";

export const POST = serve(signStatement, ({ db, params, body, session }) =>
  signSettlement(db, params.id, body, simulatedTerminal(terminalBook(db), "approves"), session.personId),
);
