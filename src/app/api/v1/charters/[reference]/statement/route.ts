import { readStatement } from "@/api/outside";
import { statementFor } from "@/server/outside/statement";
import { serve } from "@/server/http/serve";

export const GET = serve(readStatement, ({ db, params }) => statementFor(db, params.reference));
