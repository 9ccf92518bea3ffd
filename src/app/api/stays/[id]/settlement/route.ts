import { signStatement } from "@/api/stays";
import { signAndTell } from "@/server/messages/after";
import { terminalBook } from "@/server/db/deposits";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { serve } from "@/server/http/serve";

export const POST = serve(signStatement, ({ db, params, body, session }) =>
  signAndTell(db, params.id, body, simulatedTerminal(terminalBook(db), "approves"), session.personId),
);
