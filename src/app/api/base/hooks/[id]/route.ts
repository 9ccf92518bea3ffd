import { endHook } from "@/api/programs";
import { endHook as ended } from "@/server/programs/programs";
import { serve } from "@/server/http/serve";

export const DELETE = serve(endHook, ({ db, params }) => ended(db, params.id));
