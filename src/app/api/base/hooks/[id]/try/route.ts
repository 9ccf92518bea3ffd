import { tryHook } from "@/api/programs";
import { tryHook as tried } from "@/server/programs/programs";
import { serve } from "@/server/http/serve";

export const POST = serve(tryHook, ({ db, params }) => tried(db, params.id));
