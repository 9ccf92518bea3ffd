import { tellHookAgain } from "@/api/programs";
import { tellAgain } from "@/server/programs/programs";
import { serve } from "@/server/http/serve";

export const POST = serve(tellHookAgain, ({ db, params }) => tellAgain(db, params.id));
