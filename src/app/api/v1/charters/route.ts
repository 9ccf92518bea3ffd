import { listCharters, sendCharters } from "@/api/outside";
import { chartersFor } from "@/server/outside/charters";
import { takeSent } from "@/server/outside/send";
import { serve } from "@/server/http/serve";

export const GET = serve(listCharters, ({ db, session, query }) => chartersFor(db, session, query));
export const POST = serve(sendCharters, ({ db, session, body }) => takeSent(db, session, body));
