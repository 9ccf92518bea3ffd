import { listenToHandover } from "@/api/handovers";
import { pokeStream } from "@/server/poke/stream";
import { serve } from "@/server/http/serve";

export const GET = serve(listenToHandover, async ({ params, request }) => pokeStream(params.id, request.signal), {
  transaction: false,
});
