import { listenToHandover } from "@/api/handovers";
import { pokeStream } from "@/server/poke/stream";
import { serve } from "@/server/http/serve";

export const GET = serve(
  listenToHandover,
  async ({ params, session, request }) => pokeStream(params.id, session.id, request.signal),
  { transaction: false },
);
