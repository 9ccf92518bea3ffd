import { noteDeposit } from "@/api/stays";
import { receiveAndTell } from "@/server/messages/after";
import { serve } from "@/server/http/serve";

export const POST = serve(noteDeposit, ({ db, params, body, session, poke }) =>
  receiveAndTell(db, params.id, body, session.personId, poke),
);
