import { holdDeposit } from "@/api/stays";
import { holdFor } from "@/server/deposit/hold";
import { terminalBook } from "@/server/db/deposits";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { serve } from "@/server/http/serve";

export const POST = serve(holdDeposit, ({ db, params, body, session, poke }) =>
  holdFor(db, simulatedTerminal(terminalBook(db), body.card), params.id, body.requestKey, session.personId, poke),
);
