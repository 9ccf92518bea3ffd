import { readImport } from "@/api/imports";
import { serve } from "@/server/http/serve";
import { rowsOfImport } from "@/server/imports/rows";

export const GET = serve(readImport, ({ db, params }) => rowsOfImport(db, params.id));
