import { postBookAddenda } from "@/api/book";
import { takeBookAddenda } from "@/server/book/addenda";
import { serve } from "@/server/http/serve";

export const POST = serve(postBookAddenda, async ({ db, session, body, poke }) =>
  takeBookAddenda(db, session.charterId, body.addenda, poke),
);
