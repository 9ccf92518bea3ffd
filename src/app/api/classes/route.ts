import { takeClass } from "@/api/yachts";
import { strictJson } from "@/server/http/body";
import { serve } from "@/server/http/serve";
import { takeClass as take } from "@/server/yacht/take-class";

export const POST = serve(takeClass, ({ db, body, session }) => take(db, strictJson(body), session.personId));
