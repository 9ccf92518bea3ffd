import { keepExtras } from "@/api/lists";
import { keepBaseExtras } from "@/server/base/keep-list";
import { serve } from "@/server/http/serve";

export const POST = serve(keepExtras, async ({ db, body, session }) => keepBaseExtras(db, body, session.personId));
