import { beginClass } from "@/api/yachts";
import { serve } from "@/server/http/serve";
import { beginClass as begin } from "@/server/yacht/take-class";

export const POST = serve(beginClass, ({ db, body, session }) =>
  begin(db, { ...body, name: body.name.trim() }, session.personId),
);
