import { keepKeeping } from "@/api/private";
import { serve } from "@/server/http/serve";
import { keepBaseKeeping } from "@/server/private/keeping";

export const POST = serve(keepKeeping, ({ db, body, session }) => keepBaseKeeping(db, body, session.personId));
