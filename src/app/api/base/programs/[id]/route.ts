import { endProgram } from "@/api/programs";
import { endToken } from "@/server/programs/programs";
import { serve } from "@/server/http/serve";

export const DELETE = serve(endProgram, ({ db, params }) => endToken(db, params.id));
