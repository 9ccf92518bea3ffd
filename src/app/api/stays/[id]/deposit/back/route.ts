import { giveBackDeposit } from "@/api/stays";
import { giveBack } from "@/server/deposit/give-back";
import { terminalBook } from "@/server/db/deposits";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { serve } from "@/server/http/serve";

export const POST = serve(giveBackDeposit, ({ db, params, session, poke }) =>
  giveBack(db, simulatedTerminal(terminalBook(db), "approves"), params.id, session.personId, poke),
);
