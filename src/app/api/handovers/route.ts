import { openHandover } from "@/api/handovers";
import { openHere } from "@/server/handover/open-here";
import { serve } from "@/server/http/serve";

export const POST = serve(openHandover, ({ db, body, session }) =>
  openHere(db, body.stayId, body.kind, session.personId),
);
