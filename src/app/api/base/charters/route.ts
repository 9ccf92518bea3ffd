import { keepUsualCharters } from "@/api/charters";
import { keepUsual } from "@/server/charters/usual";
import { serve } from "@/server/http/serve";

export const POST = serve(keepUsualCharters, ({ db, body, session }) => keepUsual(db, body, session.personId));
