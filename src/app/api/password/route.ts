import { changePassword } from "@/api/people";
import { serve } from "@/server/http/serve";
import { changeOwnPassword } from "@/server/people/change";

export const POST = serve(changePassword, ({ db, body, session }) => changeOwnPassword(db, session, body));
