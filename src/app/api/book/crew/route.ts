import { tellCrew } from "@/api/book";
import { takeCrew } from "@/server/book/crew";
import { serve } from "@/server/http/serve";

export const POST = serve(tellCrew, ({ db, body, session }) => takeCrew(db, session.charterId, body));
