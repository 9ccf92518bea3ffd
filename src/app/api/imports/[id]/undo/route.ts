import { undoRow } from "@/api/imports";
import { serve } from "@/server/http/serve";
import { undo } from "@/server/imports/undo";

export const POST = serve(undoRow, ({ db, params, body, session }) => undo(db, params.id, body.line, session.personId));
