import { noteDeposit } from "@/api/stays";
import { noteReceived } from "@/server/deposit/hold";
import { serve } from "@/server/http/serve";

export const POST = serve(noteDeposit, ({ db, params, body, session, poke }) =>
  noteReceived(db, params.id, body, session.personId, poke),
);
