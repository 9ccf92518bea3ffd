import { changePerson } from "@/api/people";
import { serve } from "@/server/http/serve";
import { changeStaff } from "@/server/people/change";

export const POST = serve(changePerson, ({ db, params, body }) => changeStaff(db, params.id, body));
